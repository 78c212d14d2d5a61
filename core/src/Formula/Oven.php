<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/**
 * How the maker's oven heats, where it was said. A heat is kept as the still oven's, in which all is computed, and told as it was written: "160 °C fan" is a
 * still oven's 180.
 */
enum Oven: string
{
    case Fan = 'fan';
    case Gas = 'gas';
    case Steam = 'steam';

    /** K that a fan oven is set lower [trade]. */
    public const FAN = 20.0;

    /** °C of an oven that steams and of which nobody says how hot. */
    public const STEAMS = 100.0;

    /** °C of gas mark 0, and K from one mark to the next [trade]. */
    private const MARK_0 = 121.0;
    private const MARK = 14.0;

    /** The still oven's °C for a heat as it is set here, °C; a gas mark for gas. */
    public function still(float $set): float
    {
        return match ($this) {
            self::Fan => $set + self::FAN,
            self::Gas => self::MARK_0 + self::MARK * $set,
            self::Steam => $set,
        };
    }

    /** As it is set here, for a still oven's °C: "160 °C fan", "gas 4", "100 °C steam". */
    public function set(float $celsius): string
    {
        return match ($this) {
            self::Fan => \sprintf('%g °C fan', $celsius - self::FAN),
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
        return (int) round(($celsius - self::MARK_0) / self::MARK);
    }
}
