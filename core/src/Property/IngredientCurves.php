<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\LayeredShelf;

/** What one ingredient does as its temperature or dose goes up, read with the same models as a dish. */
final readonly class IngredientCurves
{
    private const POINTS = 24;

    /** mg/L at which every high-potency sweetener's response has all but flattened. */
    private const FLAT = 1500.0;

    public function __construct(private Reader $reader) {}

    /**
     * @return list<array{name: string, x: string, y: string, note: string, points: list<array{float, float}>}>
     */
    public function of(Ingredient $in): array
    {
        return array_values(array_filter([$this->solidFat($in), $this->sweetness($in), ...$this->sets($in)]));
    }

    /** @return ?array{name: string, x: string, y: string, note: string, points: list<array{float, float}>} */
    private function solidFat(Ingredient $in): ?array
    {
        if ($in->composition->family('fat.') < 3.0) {
            return null;
        }
        $points = [];
        $fat = $in->composition->family('fat.');
        for ($celsius = 0.0; $celsius <= 40.0; $celsius += 1.25) {
            $solid = 0.0;
            foreach ($in->composition->parts as $part => $grams) {
                $solid += str_starts_with($part, 'fat.') ? $grams * $this->reader->fat->solidShare(substr($part, 4), $celsius) : 0.0;
            }
            $points[] = [$celsius, 100 * $solid / $fat];
        }

        return ['name' => 'Solid fat', 'x' => '°C', 'y' => '% of its fat', 'note' => 'Above 3 g solid per 100 g at 35 °C a layer feels waxy.', 'points' => $points];
    }

    /** @return ?array{name: string, x: string, y: string, note: string, points: list<array{float, float}>} */
    private function sweetness(Ingredient $in): ?array
    {
        $sweet = $in->composition->family('sugar.') + $in->composition->family('polyol.') + $in->composition->of100('allulose');
        $potent = $in->composition->family('active.') > 0.0;
        if ($sweet < 10.0 && !$potent) {
            return null;
        }
        // A high-potency sweetener is drawn to where its response has all but flattened.
        $most = $potent ? min(40.0, self::FLAT * 100.0 / (Figure::SweetenerPerLitre->number() * $in->composition->family('active.'))) : 40.0;
        $points = array_map(
            fn(float $grams): array => [$grams, $this->reader->sweetness->se($this->state($in, $grams, 'water', Treatment::none()))],
            self::steps($most),
        );

        return ['name' => 'Sweetness', 'x' => 'g per 100 g in water', 'y' => 'SE', 'note' => $potent ? 'It flattens: past about two thirds of its most it turns bitter and hardly sweetens.' : 'Straight: bulk sweetness adds.', 'points' => $points];
    }

    /** @return list<array{name: string, x: string, y: string, note: string, points: list<array{float, float}>}> */
    private function sets(Ingredient $in): array
    {
        $agents = array_intersect_key($this->reader->reference->agents, $in->functions);
        $egg = $in->group === 'egg' && $in->composition->of100('protein.egg') > 5.0;
        if ($agents === [] && !$egg) {
            return [];
        }
        unset($agents['foam-overrun']);
        $agent = $agents === [] ? ($egg ? $this->reader->reference->agents['egg'] : null) : reset($agents);
        if ($agent === null || $agent === false || $agent['function'] === 'coagulant') {
            return [];
        }
        $strength = $in->functions[$agent['function']] ?? 1.0;
        $share = \in_array($agent['function'], ['starch', 'starch-cold', 'starch-stable'], true) ? max(0.05, $in->composition->of100('starch') / 100) : 1.0;
        $most = min(100.0, 1.6 * (float) $agent['dose_high'] / ($agent['function'] === 'gelatin-bloom' ? 1.0 : max(0.1, $share * min(1.0, $strength))));
        $treatment = $egg || $agent['function'] === 'coagulated-soy' ? Treatment::of(TreatmentKind::Bake, 150.0) : Treatment::of(TreatmentKind::Boil);
        if ($agent['function'] === 'gelatin-bloom') {
            $treatment = Treatment::of(TreatmentKind::Melt);
        }
        $curves = [];
        foreach (\in_array($agent['function'], ['iota', 'kappa', 'egg', 'starch'], true) ? ['milk'] : ['water'] as $medium) {
            $points = array_map(
                fn(float $grams): array => [$grams, $this->reader->set->ge($this->state($in, $grams, $medium, $treatment), Reader::FRIDGE)],
                self::steps($most),
            );
            $curves[] = [
                'name' => 'Set', 'x' => "g per 100 g in $medium", 'y' => 'GE %',
                'note' => \sprintf('%s; usual dose %s–%s %% %s.', $agent['activation'], $agent['dose_low'], $agent['dose_high'], $share < 1.0 ? 'as starch' : 'of the layer'), 'points' => $points,
            ];
        }

        return $curves;
    }

    /** @return list<float> */
    private static function steps(float $most): array
    {
        return array_map(static fn(int $n): float => round($most * $n / self::POINTS, 3), range(0, self::POINTS));
    }

    private function state(Ingredient $in, float $grams, string $medium, Treatment $treatment): LayerState
    {
        $layer = new Layer('Curve', [Line::of($in->id, max(1e-6, $grams)), Line::of($medium, max(1e-6, 100.0 - $grams))], $treatment, null, null);

        return LayerState::ofLayer($layer, LayeredShelf::over($this->reader->shelf, [$in]));
    }
}
