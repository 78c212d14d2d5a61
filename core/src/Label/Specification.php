<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Nutrients\Fact;
use Transmuta\Property\Setting\Ladder;

/**
 * What a customer is told of a dish beside its label: what each layer reads as, how it is kept, and above all what nobody has answered. Computed
 * throughout; a buyer’s own tests come before it.
 */
final class Specification
{
    /** @return array{layers: list<array<string, mixed>>, storage: array{celsius: float, days: int, why: list<string>, frozen: bool}, diets: list<array{diet: string, standing: string, why: list<string>}>, questions: list<string>} */
    public static function of(DishReading $dish): array
    {
        $isFrozen = $dish->isFrozen();
        $shortest = array_values(array_filter($dish->layers, static fn(LayerReading $one): bool => $one->keeping->days === $dish->keepsDays()));

        return [
            'layers' => array_map(static fn(LayerReading $one): array => [
                'layer' => $one->layer->name, 'grams' => $one->state->mass, 'percent' => $dish->mass() > 0.0 ? 100 * $one->state->mass / $dish->mass() : 0.0, 'treated' => $one->layer->treatment->told(),
                'ph' => $one->ph, 'water_activity' => $one->aw, 'water' => $one->state->water, 'set' => $one->baseWords ?? Ladder::word($one->set->ge),
            ], $dish->layers),
            'storage' => [
                'celsius' => $isFrozen ? -18.0 : 5.0, 'days' => $dish->keepsDays(), 'frozen' => $isFrozen,
                'why' => array_values(array_unique(array_map(static fn(LayerReading $one): string => $one->layer->name . ': ' . ($one->keeping->reasons[0]['words'] ?? 'nothing that spoils it sooner'), $shortest))),
            ],
            'diets' => OnMenu::diets($dish),
            'questions' => self::questions($dish),
        ];
    }

    /** @return list<string> what a buyer asks and nothing here answers */
    private static function questions(DishReading $dish): array
    {
        $open = array_map(static fn(string $question): string => "A line is not settled: $question", $dish->formula->questions());
        foreach (OnMenu::diets($dish) as $one) {
            if ($one['standing'] === Standing::Unproven->value) {
                $open[] = ucfirst(Diet::from($one['diet'])->words()) . ' is not proven: ' . implode('; ', $one['why']);
            }
        }
        $named = [];
        foreach (Declared::in(Market::Us) as $declared) {
            $named[$declared->row] = $declared->name;
        }
        $of = [];
        foreach ($dish->micronutrients as $key => $micro) {
            if ($micro['unknown'] !== []) {
                $row = Fact::bare($key);
                $of[implode(', ', $micro['unknown'])][] = $named[$row] ?? $row;
            }
        }
        foreach ($of as $names => $nutrients) {
            $open[] = ucfirst(implode(', ', $nutrients)) . (\count($nutrients) === 1 ? ' is' : ' are') . " not known of $names";
        }

        return [
            ...$open,
            'The days it keeps are an estimate; no shelf-life test stands behind them.',
            'Nutrition is computed from typical compositions; no laboratory has analysed it.',
            'Microbiological limits, country of origin and lot codes of what is bought are not held here: ask the maker.',
        ];
    }
}
