<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\Ladder;
use Transmuta\Property\LayerModel;
use Transmuta\Tests\Kit;

/**
 * The set model against 96 reference formulas of known behaviour (core/data/calibration.csv: common practice, from memory). A
 * regression guard with the values of the handbook, not a fit: docs/computation.md lists the residuals.
 */
final class CalibrationTest extends TestCase
{
    private const SHORT = [
        'applejuice' => 'apple-juice', 'gelatin' => 'gelatin-powder', 'cream36' => 'cream-36', 'coconutmilk' => 'coconut-milk', 'iota' => 'iota-carrageenan',
        'kappa' => 'kappa-carrageenan', 'lmpectin' => 'lm-pectin', 'hmpectin' => 'hm-pectin', 'glucose_syrup' => 'glucose-syrup', 'citric' => 'citric-acid',
        'lemonjuice' => 'lemon-juice', 'limejuice' => 'lime-juice', 'passionjuice' => 'passion-fruit-juice', 'scm' => 'condensed-milk', 'yolk' => 'egg-yolk',
        'white' => 'egg-white', 'creamcheese' => 'cream-cheese', 'creamcheese_light' => 'cream-cheese-light', 'choc55' => 'chocolate-55', 'choc70' => 'chocolate-70',
        'whitechoc' => 'white-chocolate', 'coconutcream' => 'coconut-cream', 'icing' => 'icing-sugar', 'yogurt_gk' => 'greek-yogurt', 'sourcream' => 'sour-cream',
        'cashew_soaked' => 'cashew-soaked', 'coconutoil' => 'coconut-oil', 'maple' => 'maple-syrup', 'silkentofu' => 'silken-tofu', 'soymilk' => 'soy-milk', 'almondmilk' => 'almond-milk',
    ];

    public function testReferenceFormulasStandWhereTheyAreKnownTo(): void
    {
        $on = $within = 0;
        $off = [];
        foreach (self::cases() as $case) {
            $step = Ladder::step(Kit::engine()->reader->set->ge(LayerModel::of($case['layer'], Kit::shelf())->weigh(LayerModel::grams($case['layer'])), $case['celsius']));
            $away = abs($step - $case['observed']);
            $on += $away === 0 ? 1 : 0;
            $within += $away <= 1 ? 1 : 0;
            if ($away > 1) {
                $off[] = $case['name'];
            }
        }
        self::assertSame(96, \count(self::cases()));
        self::assertSame([], $off, 'more than one step off');
        self::assertSame(96, $within);
        self::assertGreaterThanOrEqual(62, $on, 'on the step');
    }

    /** @return list<array{name: string, layer: Layer, celsius: float, observed: int}> */
    private static function cases(): array
    {
        $cases = [];
        $handle = fopen(\dirname(__DIR__, 2) . '/data/calibration.csv', 'r');
        self::assertIsResource($handle);
        while (($row = fgetcsv($handle, escape: '')) !== false) {
            if (!is_numeric($row[0] ?? null)) {
                continue;
            }
            [, $name, $treatment, $stirred, $air, $celsius, $ingredients, $observed] = array_map(strval(...), $row);
            [$kind, $reduce] = [...explode(';reduce_to=', $treatment), ''];
            $lines = [];
            foreach (explode(';', $ingredients) as $pair) {
                [$id, $grams] = explode(':', $pair);
                $lines[] = Line::of(self::SHORT[$id] ?? $id, (float) $grams);
            }
            $cases[] = [
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
