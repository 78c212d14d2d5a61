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

    /** As it is chosen on a dish; the sizes are those of `core/data/reference/units.csv`. */
    public function words(): string
    {
        return match ($this) {
            self::Us => 'US (cup 237 ml, spoon 14.8)',
            self::Metric => 'Metric (cup 250 ml, spoon 15)',
            self::Au => 'Australian (cup 250 ml, spoon 20)',
            self::Uk => 'UK (imperial ounces and pints)',
            self::India => 'Indian (cup 240 ml, spoon 15)',
            self::Canada => 'Canadian (cup 250 ml, imperial pint)',
        };
    }

    /** Egg size classes of the country: the US weights stand near those of Canada; Australia and India have their own. */
    public function eggPrefix(): string
    {
        return match ($this) {
            self::Us, self::Canada => 'us',
            self::Au => 'au',
            self::India => 'in',
            self::Metric, self::Uk => 'eu',
        };
    }
}
