<?php

declare(strict_types=1);

namespace Transmuta\Provenance;

/** Where a value comes from: a named publication, common practice of the trade, memory, or this kitchen's own packet, measurement or estimate. */
enum Mark: string
{
    case Published = 'pub';
    case Trade = 'trade';
    case Memory = 'mem';
    case Packet = 'packet';
    case Measured = 'meas';
    case Estimated = 'est';

    public function words(): string
    {
        return match ($this) {
            self::Published => 'published',
            self::Trade => 'common practice',
            self::Memory => 'from memory',
            self::Packet => 'read off the packet',
            self::Measured => 'measured here',
            self::Estimated => 'estimated',
        };
    }
}
