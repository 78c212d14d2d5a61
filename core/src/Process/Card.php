<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Diet\Diet;
use Transmuta\Diet\Verdict;
use Transmuta\Formula\Step;
use Transmuta\Process\Words\UsMeasures;
use Transmuta\Property\DishReading;
use Transmuta\Property\Nutrients\LabelRounding;
use Transmuta\Property\Warning;
use Transmuta\Quantity\Customary;
use Transmuta\Quantity\Scale;

/** The card that leaves the kitchen: grams, method, nutrition rounded for a label, allergens, diets and cautions. */
final readonly class Card
{
    private const FACTS = [
        'kj' => ['Energy', 'kJ'], 'kcal' => ['Energy', 'kcal'], 'fat_g' => ['Fat', 'g'], 'saturates_g' => ['of which saturates', 'g'],
        'carbohydrate_g' => ['Carbohydrate (without fibre)', 'g'], 'sugars_g' => ['of which sugars', 'g'], 'polyols_g' => ['of which polyols', 'g'],
        'net_carbs_g' => ['Net carbs (not a label term)', 'g'], 'fibre_g' => ['Fibre', 'g'], 'protein_g' => ['Protein', 'g'], 'salt_g' => ['Salt', 'g'],
    ];

    private const STANDING = [
        'Nutrition is computed from typical compositions, not analysed; a label for sale needs your local authority’s rules.',
        'Allergens are those of the ingredients named; cross-contact in the kitchen is not computed. "Vegan" is no allergy statement.',
        'Keep at 5 °C or below, covered. Cooked egg and dairy dishes: 7 days at most, counting the day of making (FDA Food Code 3-501.17); follow your local code.',
    ];

    public function __construct(private MethodWriter $method) {}

    /**
     * @param list<Diet> $asked what the version was made for: who must not rely on it is said
     *
     * @return array{ingredients: list<array{layer: string, treat: string, lines: list<array{grams: float, us: string, name: string, note: string, made_of: list<array{grams: float, name: string}>}>}>, steps: list<string>, own_method: list<string>, preparations: list<array{name: string, grams: float, steps: list<string>, keeps_days: int}>, pull: list<array{place: string, lines: list<array{ingredient: string, name: string, grams: float, for: list<array{what: string, grams: float}>}>}>, facts: list<array{name: string, unit: string, portion: string, per_100g: string}>, contains: list<string>, may_contain: list<string>, diets: list<array{diet: string, standing: string, why: list<string>}>, cautions: list<string>, portion_g: float, portion_oz: float, serve_at_f: float, open: list<string>, final: bool}
     */
    public function of(DishReading $dish, array $asked = []): array
    {
        $ingredients = $made = [];
        foreach ($dish->layers as $layer) {
            $lines = [];
            foreach ($layer->layer->understood() as $i => $line) {
                $in = $layer->state->model->portions[$i]->ingredient;
                foreach ($in->madeOf['inner'] ?? [] as $deeper) {
                    $made[$deeper['name']] = ['name' => $deeper['name'], 'grams' => Scale::shown(($made[$deeper['name']]['grams'] ?? 0.0) + $deeper['grams'] * $line->grams / 1000), 'steps' => $deeper['steps'], 'keeps_days' => $deeper['keeps_days']];
                }
                if ($in->madeOf !== null) {
                    $made[$in->name] = ['name' => $in->name, 'grams' => Scale::shown(($made[$in->name]['grams'] ?? 0.0) + $line->grams), 'steps' => $in->madeOf['steps'], 'keeps_days' => $in->madeOf['keeps_days']];
                }
                $lines[] = [
                    'grams' => Scale::shown($line->grams),
                    'us' => implode(' · ', array_filter([UsMeasures::weight($line->grams), UsMeasures::volume($line->grams, $in)])),
                    'name' => $in->name,
                    'note' => implode(', ', array_filter([...$line->prep, $line->note], static fn(string $part): bool => $part !== '')),
                    'made_of' => array_map(static fn(array $part): array => ['grams' => Scale::shown($part['grams'] * $line->grams / 1000), 'name' => $part['name']], $in->madeOf['lines'] ?? []),
                ];
            }
            $ingredients[] = ['layer' => $layer->layer->name, 'treat' => $layer->layer->treatment->told(), 'lines' => $lines];
        }
        $facts = [];
        foreach (self::FACTS as $key => [$name, $unit]) {
            $facts[] = ['name' => $name, 'unit' => $unit, 'portion' => self::rounded($key, $dish->portion[$key]), 'per_100g' => self::rounded($key, $dish->per100[$key])];
        }

        return [
            'ingredients' => $ingredients,
            'steps' => $this->method->steps($dish),
            // Where the steps are the maker's own words they stand there once.
            'own_method' => $this->method->methodOf($dish) !== null ? [] : array_map(static fn(Step $step): string => $step->text, $dish->formula->method),
            // What the kitchen makes for itself opens into its own lines and steps.
            'preparations' => array_values($made),
            'pull' => PullList::of($dish),
            'facts' => $facts,
            'contains' => $dish->contains,
            'may_contain' => $dish->mayContain,
            'diets' => array_values(array_map(static fn(Verdict $v): array => $v->said(), $dish->diets)),
            'cautions' => [...array_map(static fn(Warning $w): string => $w->text, $dish->watch), ...array_map(static fn(Diet $diet): string => \sprintf('%s: %s', $diet->words(), $diet->caution()), $asked), ...self::STANDING],
            // A card with a line nobody knows is no card to cook or to label from.
            'open' => $dish->formula->questions(),
            'final' => $dish->formula->questions() === [],
            'portion_g' => round($dish->portion['mass_g'], 1),
            'portion_oz' => round(Customary::ounces($dish->portion['mass_g']), 1),
            'serve_at_f' => round(Customary::fahrenheit($dish->formula->serveAt)),
        ];
    }

    private static function rounded(string $fact, float $value): string
    {
        return match ($fact) {
            'kj', 'kcal' => LabelRounding::energy($value),
            'saturates_g' => LabelRounding::saturates($value),
            'salt_g' => LabelRounding::salt($value),
            default => LabelRounding::grams($value),
        };
    }
}
