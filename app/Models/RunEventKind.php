<?php

declare(strict_types=1);

namespace App\Models;

/** What can happen in a run. */
enum RunEventKind: string
{
    case Weighed = 'weighed';
    case Done = 'done';
    case Undone = 'undone';
    case Temperature = 'temperature';
    case Note = 'note';
    case Scaled = 'scaled';
    case Timer = 'timer';
    case Swapped = 'swapped';
    case Finished = 'finished';

    /** The figure or the words it must bring; null where it says enough by itself. */
    public function brings(): ?string
    {
        return match ($this) {
            self::Weighed => 'grams',
            self::Temperature => 'celsius',
            self::Note => 'text',
            self::Scaled => 'factor',
            self::Timer => 'minutes',
            self::Swapped => 'to',
            self::Done, self::Undone, self::Finished => null,
        };
    }
}
