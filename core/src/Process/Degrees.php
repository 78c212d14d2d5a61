<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Formula\Oven;
use Transmuta\Quantity\Customary;
use Transmuta\Reference\Figure;

/**
 * Temperatures as they are read in any kitchen: °F beside °C, to the nearest five as a dial shows them, and for an oven what it is set to as the maker
 * wrote it, with its fan and its gas mark ({@see Oven}).
 */
final class Degrees
{
    /** Every temperature of a sentence, "82 °C" and "50–60 °C". */
    public static function in(string $sentence): string
    {
        return (string) preg_replace_callback('/([−-]?\d+(?:\.\d+)?)(?:–(\d+(?:\.\d+)?))? °C/u', static function (array $m): string {
            $upper = $m[2] ?? '';

            return \sprintf('%s (%s%s °F)', $m[0], self::fahrenheit($m[1]), $upper === '' ? '' : '–' . self::fahrenheit($upper));
        }, $sentence);
    }

    /** What an oven is set to, in the words of whoever wrote it: "180 °C", "160 °C fan", "gas 4". */
    public static function set(float $celsius, ?Oven $oven): string
    {
        return $oven?->set($celsius) ?? \sprintf('%g °C', $celsius);
    }

    /** The same with what the other ovens are set to: "150 °C (130 °C fan, 300 °F, gas 2)", "160 °C fan (180 °C without a fan, 355 °F, gas 4)". */
    public static function oven(float $celsius, ?Oven $oven = null): string
    {
        $gas = Oven::mark($celsius);
        $five = static fn(float $c): float => round($c / 5) * 5;
        $others = array_filter([
            $oven === Oven::Fan ? \sprintf('%g °C without a fan', $celsius) : ($oven === Oven::Gas ? \sprintf('%g °C', $five($celsius)) : null),
            $oven === Oven::Fan || $oven === Oven::Steam ? null : \sprintf('%g °C fan', $oven === Oven::Gas ? $five($celsius - Figure::OvenFan->number()) : $celsius - Figure::OvenFan->number()),
            self::fahrenheit((string) $celsius) . ' °F',
            $oven === Oven::Gas || $oven === Oven::Steam || $gas < 1 || $gas > 9 ? null : "gas $gas",
        ]);

        return self::set($celsius, $oven) . ' (' . implode(', ', $others) . ')';
    }

    private static function fahrenheit(string $celsius): string
    {
        return str_replace('-', '−', (string) (5 * round(Customary::fahrenheit((float) str_replace('−', '-', $celsius)) / 5)));
    }
}
