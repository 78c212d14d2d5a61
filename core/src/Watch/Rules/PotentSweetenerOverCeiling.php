<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\Aftertaste;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 16: above about 0.65 of its maximum a high-potency sweetener turns bitter. */
final class PotentSweetenerOverCeiling implements Rule
{
    public static function name(): string
    {
        return 'potent-sweetener-over-ceiling';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($reader->sweetness->overCeiling($layer->state) as $receptor => $share) {
                $cure = $this->cure($layer, $reader, $receptor, $share);
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: the %s sweetener runs at %.0f %% of what it can give, past the 65 %% where it turns bitter. Share the sweetness with a bulk sweetener.', $layer->layer->name, $receptor, $share * 100), $n, $cure);
            }
        }
    }

    /**
     * The strongest line weighed so that its receptor answers with just its sensible ceiling: R/Rm = C/(K + C).
     *
     * @return ?array{action: string, ingredient: string, grams: float}
     */
    private function cure(LayerReading $layer, Reader $reader, string $receptor, float $share): ?array
    {
        $strength = [];
        $pool = array_filter($reader->reference->sweeteners, static fn(array $row): bool => $row['receptor'] === $receptor && $row['rm'] !== '');
        foreach ($layer->state->model->portions as $i => $portion) {
            foreach (array_keys($pool) as $species) {
                $mg = $portion->ingredient->composition->of100("active.$species");
                $strength[$i] = ($strength[$i] ?? 0.0) + $layer->state->grams[$i] * $mg / $reader->sweetness->halfDose($species);
            }
        }
        arsort($strength);
        $i = (int) array_key_first($strength);
        $wanted = (Aftertaste::CEILING / (1 - Aftertaste::CEILING)) / ($share / (1 - $share));
        $left = 1.0 - (1.0 - $wanted) * array_sum($strength) / max(1e-12, $strength[$i]);

        return $left <= 0.0 ? null : ['action' => 'weigh', 'ingredient' => $layer->state->model->portions[$i]->ingredient->id, 'grams' => floor(100 * $left * $layer->state->grams[$i]) / 100];
    }
}
