<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Reference\Figure;

/**
 * How the maker's oven heats, where it was said. A heat is kept as the still oven's, in which all is computed, and told as it was written: "160 °C fan" is a
 * still oven's 180.
 */
enum Oven: string
{
    case Fan = 'fan';
    case Gas = 'gas';
    case Steam = 'steam';

    /** The still oven's °C for a heat as it is set here, °C; a gas mark for gas. */
    public function still(float $set): float
    {
        return match ($this) {
            self::Fan => $set + Figure::OvenFan->number(),
            self::Gas => Figure::OvenGas0->number() + Figure::OvenGasStep->number() * $set,
            self::Steam => $set,
        };
    }

    /** As it is set here, for a still oven's °C: "160 °C fan", "gas 4", "100 °C steam". */
    public function set(float $celsius): string
    {
        return match ($this) {
            self::Fan => \sprintf('%g °C fan', $celsius - Figure::OvenFan->number()),
            self::Gas => 'gas ' . self::mark($celsius),
            self::Steam => \sprintf('%g °C steam', $celsius),
        };
    }

    /** The same in the words of the text form: "160 C fan", "gas 4", "100 C steam". */
    public function words(float $celsius): string
    {
        return str_replace('°C', 'C', $this->set($celsius));
    }

    /** Gas mark of a still oven's °C, to the nearest whole one. */
    public static function mark(float $celsius): int
    {
        return (int) round(($celsius - Figure::OvenGas0->number()) / Figure::OvenGasStep->number());
    }
}
