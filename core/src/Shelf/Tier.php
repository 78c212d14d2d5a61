<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** Who sells a thing: the further down, the fewer kitchens have it (`core/data/shelf/tiers.csv`). */
enum Tier: int
{
    case Grocer = 1;
    case Baker = 2;
    case Supplier = 3;
    case Laboratory = 4;

    public function words(): string
    {
        return match ($this) {
            self::Grocer => 'any grocer',
            self::Baker => 'baker’s or health shop',
            self::Supplier => 'pastry supplier',
            self::Laboratory => 'laboratory supplier',
        };
    }

    /** Whether a kitchen without a supplier of its own finds it. */
    public function isShop(): bool
    {
        return $this === self::Grocer || $this === self::Baker;
    }
}
