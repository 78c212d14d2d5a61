<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** Where a value comes from: a named publication, common practice of the trade, or memory. */
enum Mark: string
{
    case Published = 'pub';
    case Trade = 'trade';
    case Memory = 'mem';

    public function words(): string
    {
        return match ($this) {
            self::Published => 'published',
            self::Trade => 'common practice',
            self::Memory => 'from memory',
        };
    }
}
