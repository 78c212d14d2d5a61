<?php

declare(strict_types=1);

namespace Transmuta\Quantity;

/** Whose cups and spoons a recipe was written with. */
enum UnitSystem: string
{
    case Us = 'us';
    case Metric = 'metric';
    case Au = 'au';
    case Uk = 'uk';

    /** Egg size classes of the country: US by dozen weight, all others by the EU class. */
    public function eggPrefix(): string
    {
        return match ($this) {
            self::Us => 'us',
            self::Metric, self::Au, self::Uk => 'eu',
        };
    }
}
