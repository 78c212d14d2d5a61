<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 17: polyols per portion and the label words above 10 %. */
final class PolyolsPerPortionLaxative implements Rule
{
    public static function name(): string
    {
        return 'polyols-laxative';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        $now = $dish->portion['polyols_g'];
        if ($now > 10.0) {
            [$layer, $line, $holds] = $this->most($dish);
            $over = ($now - 9.9) * $dish->formula->portions;
            $grams = $layer === null ? 0.0 : $dish->layers[$layer]->state->grams[$line];
            yield new Warning(self::name(), Severity::Attention, \sprintf('%.0f g polyols a portion. Above 10 %% of the food a label needs "excessive consumption may produce laxative effects" (Regulation (EU) No 1169/2011 Annex III); here it is %.0f %%. Less of it is less sweet: balance again after it.', $now, $dish->per100['polyols_g']), $layer, $layer === null || $over > $holds ? null : ['action' => 'weigh', 'ingredient' => $dish->layers[$layer]->state->model->portions[$line]->ingredient->id, 'grams' => round($grams * (1.0 - $over / $holds), 1)]);
        }
    }

    /** @return array{?int, int, float} the line that brings most polyols: its layer, its place there, and g of them */
    private function most(DishReading $dish): array
    {
        $most = [null, 0, 0.0];
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $grams = $layer->state->grams[$i] * $portion->ingredient->composition->family('polyol.') / 100;
                $most = $grams > $most[2] ? [$n, $i, $grams] : $most;
            }
        }

        return $most;
    }
}
