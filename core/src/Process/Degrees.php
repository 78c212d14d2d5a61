<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Quantity\Customary;

/**
 * Temperatures as they are read in any kitchen: °F beside °C, to the nearest five as a dial shows them, and for an oven its fan and its gas
 * mark. A fan oven is set 20 K lower; gas mark 1 is 140 °C and each further one 14 K (common practice).
 */
final class Degrees
{
    private const FAN = 20.0;

    /** Every temperature of a sentence, "82 °C" and "50–60 °C". */
    public static function in(string $sentence): string
    {
        return (string) preg_replace_callback('/([−-]?\d+(?:\.\d+)?)(?:–(\d+(?:\.\d+)?))? °C/u', static function (array $m): string {
            $upper = $m[2] ?? '';

            return \sprintf('%s (%s%s °F)', $m[0], self::fahrenheit($m[1]), $upper === '' ? '' : '–' . self::fahrenheit($upper));
        }, $sentence);
    }

    /** "150 °C (130 °C fan, 300 °F, gas 2)" */
    public static function oven(float $celsius): string
    {
        $gas = (int) round(($celsius - 140.0) / 13.9) + 1;

        return \sprintf('%g °C (%g °C fan, %s °F%s)', $celsius, $celsius - self::FAN, self::fahrenheit((string) $celsius), $gas < 1 || $gas > 9 ? '' : ", gas $gas");
    }

    private static function fahrenheit(string $celsius): string
    {
        return str_replace('-', '−', (string) (5 * round(Customary::fahrenheit((float) str_replace('−', '-', $celsius)) / 5)));
    }
}
