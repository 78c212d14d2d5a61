<?php

declare(strict_types=1);

namespace Transmuta\Property;

enum Severity: string
{
    case Stop = 'stop';
    case Attention = 'attention';
    case Note = 'note';

    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Attention => 1,
            self::Note => 2,
        };
    }
}
