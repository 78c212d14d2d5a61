<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;

/** The reference formulas of core/data/calibration.csv, read with the ingredients' short names of that table. */
final class CalibrationCases
{
    private const SHORT = [
        'applejuice' => 'apple-juice', 'gelatin' => 'gelatin-powder', 'cream36' => 'cream-36', 'coconutmilk' => 'coconut-milk', 'iota' => 'iota-carrageenan',
        'kappa' => 'kappa-carrageenan', 'lmpectin' => 'lm-pectin', 'hmpectin' => 'hm-pectin', 'glucose_syrup' => 'glucose-syrup', 'citric' => 'citric-acid',
        'lemonjuice' => 'lemon-juice', 'limejuice' => 'lime-juice', 'passionjuice' => 'passion-fruit-juice', 'scm' => 'condensed-milk', 'yolk' => 'egg-yolk',
        'white' => 'egg-white', 'creamcheese' => 'cream-cheese', 'creamcheese_light' => 'cream-cheese-light', 'choc55' => 'chocolate-55', 'choc70' => 'chocolate-70',
        'whitechoc' => 'white-chocolate', 'coconutcream' => 'coconut-cream', 'icing' => 'icing-sugar', 'yogurt_gk' => 'greek-yogurt', 'sourcream' => 'sour-cream',
        'cashew_soaked' => 'cashew-soaked', 'coconutoil' => 'coconut-oil', 'maple' => 'maple-syrup', 'silkentofu' => 'silken-tofu', 'soymilk' => 'soy-milk', 'almondmilk' => 'almond-milk',
    ];

    /** @return list<array{id: int, name: string, layer: Layer, celsius: float, observed: int}> */
    public static function all(): array
    {
        $cases = [];
        $handle = fopen(\dirname(__DIR__, 2) . '/data/calibration.csv', 'r');
        \assert(\is_resource($handle));
        while (($row = fgetcsv($handle, escape: '')) !== false) {
            if (!is_numeric($row[0] ?? null)) {
                continue;
            }
            [$id, $name, $treatment, $stirred, $air, $celsius, $ingredients, $observed] = array_map(strval(...), $row);
            [$kind, $reduce] = [...explode(';reduce_to=', $treatment), ''];
            $lines = [];
            foreach (explode(';', $ingredients) as $pair) {
                [$short, $grams] = explode(':', $pair);
                $lines[] = Line::of(self::SHORT[$short] ?? $short, (float) $grams);
            }
            $cases[] = [
                'id' => (int) $id,
                'name' => $name,
                'layer' => new Layer($name, $lines, Treatment::of(TreatmentKind::from($kind), null, null, $stirred === '1', (float) $air ?: null), null, $reduce === '' ? null : Loss::reduceTo((float) $reduce)),
                'celsius' => (float) $celsius,
                'observed' => (int) $observed,
            ];
        }
        fclose($handle);

        return $cases;
    }
}
