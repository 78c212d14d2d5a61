<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Diet\Standing;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Energy;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 43: a claim that is close, and what is missing. */
final class ClaimOutOfReach implements Rule
{
    public static function name(): string
    {
        return 'claim-near';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        $said = [];
        foreach ($dish->claims as $claim) {
            if ($claim->standing !== Standing::NotMet || !\in_array($claim->name, ['high protein', 'low fat', 'low sugars'], true)) {
                continue;
            }
            $limit = ['high protein' => 20.0, 'low fat' => 3.0, 'low sugars' => 5.0][$claim->name];
            $near = $claim->name === 'high protein' ? $claim->value > 0.85 * $limit : $claim->value < 1.3 * $limit;
            // Two countries' rules with one condition are one word to the cook.
            if ($near && !isset($said[$claim->name . $claim->unit])) {
                $said[$claim->name . $claim->unit] = true;
                [$layer, $cure] = $claim->name === 'high protein' ? $this->protein($dish, $models) : [null, null];
                yield new Warning(self::name(), Severity::Note, \sprintf('"%s" is close and not met: %.1f %s, and it takes %g. Do not claim it as it stands.', ucfirst($claim->name), $claim->value, $claim->unit, $limit), $layer, $cure);
            }
        }
    }

    /**
     * As much protein powder, milk's where the dish has milk and pea's where it has none, as brings 20.5 % of energy from protein.
     *
     * @return array{?int, ?array{action: string, ingredient: string, grams: float}}
     */
    private function protein(DishReading $dish, Models $models): array
    {
        $powder = $models->shelf->find(Remedies::of(self::name(), \in_array('milk', $dish->contains, true) ? 'milk' : ''));
        $layers = array_filter($dish->layers, static fn(LayerReading $l): bool => $l->baseWords === null);
        if ($powder === null || $layers === []) {
            return [null, null];
        }
        uasort($layers, static fn(LayerReading $a, LayerReading $b): int => $b->state->mass <=> $a->state->mass);
        $c = $powder->composition;
        $protein = $c->family('protein.') / 100;
        $kj = Energy::of(['protein' => $protein, 'fat' => $c->family('fat.') / 100, 'carbohydrate' => $c->family('sugar.') / 100, 'fibre' => $c->of100('fibre') / 100]);
        $portions = $dish->formula->portions;
        $grams = $portions * (Figure::HighProteinAim->number() * $dish->portion['kj'] - Energy::kj('protein') * $dish->portion['protein_g']) / (Energy::kj('protein') * $protein - Figure::HighProteinAim->number() * $kj);

        return [(int) array_key_first($layers), ['action' => 'add', 'ingredient' => $powder->id, 'grams' => round(max(0.1, $grams), 1)]];
    }
}
