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
    case India = 'in';
    case Canada = 'ca';

    /** Egg size classes of the country: the US weights stand near those of Canada and India, all others by the EU class. */
    public function eggPrefix(): string
    {
        return match ($this) {
            self::Us, self::Canada, self::India => 'us',
            self::Metric, self::Au, self::Uk => 'eu',
        };
    }
}
