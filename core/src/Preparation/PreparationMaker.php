<?php

declare(strict_types=1);

namespace Transmuta\Preparation;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Step;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * Computes an ingredient through the formula of a preparation: composition from what is left of every line after losses, what it does from
 * what each line does, allergens, origins and questions of all of them, cost of what went in over what came out. A preparation may hold
 * others, to any depth, but never itself.
 */
final readonly class PreparationMaker
{
    /** Functions that are doses: so much of an agent for each gram. */
    private const DOSES = ['agar', 'iota', 'kappa', 'gellan', 'alginate', 'konjac', 'locust-bean', 'xanthan', 'lm-pectin', 'hm-pectin', 'chia', 'flax', 'psyllium', 'methylcellulose', 'coagulant', 'calcium', 'foam-overrun', 'added-sugars', 'chips', 'colour-red', 'colour-yellow', 'colour-brown', 'carotene', 'strong-ions', 'alkali'];

    public function __construct(private Reader $reader, private MethodWriter $method) {}

    /**
     * @return array<string, mixed> a row as {@see \Transmuta\Shelf\IngredientRow} reads it
     *
     * @throws Nonsense if it holds itself, or comes to nothing
     */
    public function row(Preparation $preparation, Shelf $shelf): array
    {
        $loop = self::loop($preparation, $shelf);
        if ($loop !== null) {
            throw Nonsense::of('lines', $loop, 'a preparation cannot hold itself: take that line out');
        }
        $dish = $this->reader->read($preparation->formula);
        $mass = $dish->mass();
        if ($mass <= 0.0) {
            throw Nonsense::of('lines', '0 g', 'give at least one line an amount');
        }
        $parts = $this->parts($dish);
        $yield = $preparation->yield ?? $mass;
        $missing = $mass - $yield;
        if ($missing > 1e-9 && $preparation->isBoiledOff) {
            $water = ($parts['water'] ?? 0.0);
            if ($missing > $water + 1e-6) {
                throw Nonsense::of('yield', \sprintf('%.0f g of %.0f g', $yield, $mass), \sprintf('it holds only %.0f g of water to boil off: give a yield of at least %.0f g, or say that the rest was left behind', $water, $mass - $water));
            }
            $parts['water'] = $water - $missing;
        } elseif ($missing < -0.02 * $mass) {
            throw Nonsense::of('yield', \sprintf('%.0f g of %.0f g', $yield, $mass), 'it cannot weigh more than what went in');
        }
        $left = $preparation->isBoiledOff ? max(1e-9, $mass - max(0.0, $missing)) : $mass;
        $per100 = array_filter(array_map(static fn(float $grams): float => 100 * $grams / $left, $parts), static fn(float $g): bool => $g > 1e-7);
        $used = $this->used($dish, $left);
        $beside = $preparation->beside === null ? null : $shelf->get($preparation->beside);
        $heaviest = $used[0]['in'];
        $cooked = $dish->layers[0]->state->model->treatment;
        $cost = array_sum(array_map(static fn($layer): int => $layer->costMinor, $dish->layers));
        $volume = $dish->volume();
        $questions = static fn(callable $of): ?string => ($said = array_values(array_unique(array_filter(array_map(static fn(array $u): ?string => $of($u['in']) === null ? null : $u['in']->name . ': ' . $of($u['in']), $used))))) === [] ? null : mb_strimwidth(implode(' ', $said), 0, 400, '…');
        $all = static fn(callable $of): array => array_values(array_unique(array_merge(...array_map(static fn(array $u): array => $of($u['in']), $used))));

        return [
            'id' => $preparation->id,
            'name' => $preparation->name,
            'group' => $beside->group ?? $heaviest->group,
            'class' => $beside->class ?? $heaviest->class,
            'parts' => $per100,
            'ph' => $dish->layers[0]->ph === null ? null : round($dish->layers[0]->ph, 2),
            'fat_state' => ($beside ?? $this->fattest($used))->fatState->value,
            'functions' => $this->functions($used, $per100, $cooked->boils() || $cooked->reaches(80.0)),
            'densities' => $volume > 0.0 ? ['' => round($mass / $volume, 3)] : [],
            'units' => $beside->units ?? [],
            'names' => array_values(array_unique([mb_strtolower($preparation->name), ...array_map(mb_strtolower(...), $preparation->names)])),
            'origins' => $all(static fn(Ingredient $in): array => $in->origins),
            'allergens' => $all(static fn(Ingredient $in): array => $in->allergens),
            'may_contain' => $all(static fn(Ingredient $in): array => $in->mayContain),
            'cereals' => $all(static fn(Ingredient $in): array => $in->cereals),
            'ask_vegan' => $questions(static fn(Ingredient $in): ?string => $in->askVegan),
            'ask_gluten' => $questions(static fn(Ingredient $in): ?string => $in->askGluten),
            'ask_vegetarian' => $questions(static fn(Ingredient $in): ?string => $in->askVegetarian),
            'ask_alcohol' => $questions(static fn(Ingredient $in): ?string => $in->askAlcohol),
            'price_minor_per_kg' => array_filter($used, static fn(array $u): bool => $u['in']->priceMinorPerKg === null) === [] ? (int) round(1000 * $cost / max(1e-9, $yield)) : null,
            'micro' => $this->micronutrients($used),
            'kj' => null,
            'note' => null,
            'mark' => 'est',
            'source' => 'computed through its own formula',
            'marks' => [],
            'made_of' => [
                'lines' => array_map(static fn(array $u): array => ['ingredient' => $u['in']->id, 'name' => $u['in']->name, 'grams' => round(1000 * $u['went'] / max(1e-9, $yield), 3)], $used),
                'steps' => $preparation->formula->method !== [] ? array_map(static fn(Step $step): string => $step->text, $preparation->formula->method) : $this->method->steps($dish),
                'yield' => round($yield, 2),
                'keeps_days' => $preparation->keepsDays ?? $dish->keepsDays(),
                'beside' => $preparation->beside,
                'inner' => $this->inner($used, $yield),
                'raw' => $this->raw($used, $yield),
            ],
        ];
    }

    /**
     * What is fetched for it, preparations opened at any depth: g per 1000 g of it.
     *
     * @param list<array{in: Ingredient, share: float, went: float}> $used
     *
     * @return list<array{ingredient: string, name: string, group: string, class: string, grams: float}>
     */
    private function raw(array $used, float $yield): array
    {
        $raw = [];
        foreach ($used as $one) {
            $grams = 1000 * $one['went'] / max(1e-9, $yield);
            foreach ($one['in']->raw() as $leaf) {
                $raw[$leaf['ingredient']] = ['grams' => round(($raw[$leaf['ingredient']]['grams'] ?? 0.0) + $leaf['grams'] * $grams / 1000, 3)] + $leaf;
            }
        }

        return array_values($raw);
    }

    /**
     * Preparations it is made of, theirs first: g per 1000 g of it, and how each is made.
     *
     * @param list<array{in: Ingredient, share: float, went: float}> $used
     *
     * @return list<array{name: string, grams: float, steps: list<string>, keeps_days: int}>
     */
    private function inner(array $used, float $yield): array
    {
        $found = [];
        foreach ($used as $one) {
            if ($one['in']->madeOf === null) {
                continue;
            }
            $grams = 1000 * $one['went'] / max(1e-9, $yield);
            foreach ($one['in']->madeOf['inner'] as $deeper) {
                $found[] = ['grams' => round($deeper['grams'] * $grams / 1000, 3)] + $deeper;
            }
            $found[] = ['name' => $one['in']->name, 'grams' => round($grams, 3), 'steps' => $one['in']->madeOf['steps'], 'keeps_days' => $one['in']->madeOf['keeps_days']];
        }

        return $found;
    }

    /** The way from a preparation back to itself, in words; null where there is none. */
    private static function loop(Preparation $preparation, Shelf $shelf): ?string
    {
        $seen = [];
        $open = [];
        foreach ($preparation->formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $open[] = [(string) $line->ingredient, $preparation->name];
            }
        }
        while ($open !== []) {
            [$id, $way] = array_pop($open);
            $in = $shelf->get($id);
            $way .= ' → ' . ($id === $preparation->id ? $preparation->name : $in->name);
            if ($id === $preparation->id) {
                return $way;
            }
            if (!isset($seen[$id])) {
                $seen[$id] = true;
                foreach ($in->madeOf['lines'] ?? [] as $line) {
                    $open[] = [$line['ingredient'], $way];
                }
            }
        }

        return null;
    }

    /** @return array<string, float> g of each part in all of it, after losses; egg that was set in it does not set again */
    private function parts(DishReading $dish): array
    {
        $parts = [];
        foreach ($dish->layers as $layer) {
            $isSet = $layer->state->model->treatment->reaches(70.0) || $layer->state->model->treatment->boils();
            foreach ($layer->state->parts as $part => $per100) {
                $part = $isSet && $part === 'protein.egg' ? 'protein.other' : $part;
                $parts[$part] = ($parts[$part] ?? 0.0) + $per100 * $layer->state->mass / 100;
            }
        }

        return $parts;
    }

    /** @return non-empty-list<array{in: Ingredient, share: float, went: float}> share of what is left, and g that went in; heaviest first */
    private function used(DishReading $dish, float $left): array
    {
        $used = [];
        foreach ($dish->layers as $layer) {
            foreach ($layer->layer->understood() as $i => $line) {
                $in = $layer->state->model->portions[$i]->ingredient;
                $went = ($used[$in->id]['went'] ?? 0.0) + $line->grams;
                $used[$in->id] = ['in' => $in, 'share' => $went / $left, 'went' => $went];
            }
        }
        usort($used, static fn(array $a, array $b): int => $b['went'] <=> $a['went']);

        return $used === [] ? throw Nonsense::of('lines', '0', 'give at least one line an amount') : $used;
    }

    /** @param non-empty-list<array{in: Ingredient, share: float, went: float}> $used */
    private function fattest(array $used): Ingredient
    {
        $best = $used[0];
        foreach ($used as $one) {
            if ($one['share'] * $one['in']->composition->family('fat.') > $best['share'] * $best['in']->composition->family('fat.')) {
                $best = $one;
            }
        }

        return $best['in'];
    }

    /**
     * @param list<array{in: Ingredient, share: float, went: float}> $used
     * @param array<string, float> $per100
     * @param bool $isCooked whether its starch has swollen already
     *
     * @return array<string, float>
     */
    private function functions(array $used, array $per100, bool $isCooked): array
    {
        $functions = [];
        $weighted = ['gelatin-bloom' => 'protein.gelatin', 'starch' => 'starch', 'starch-cold' => 'starch', 'starch-stable' => 'starch'];
        $weights = [];
        foreach ($used as $one) {
            foreach ($one['in']->functions as $function => $value) {
                if (\in_array($function, self::DOSES, true)) {
                    $functions[$function] = ($functions[$function] ?? 0.0) + $one['share'] * $value;
                } elseif (isset($weighted[$function])) {
                    $weight = $one['share'] * $one['in']->composition->of100($weighted[$function]);
                    $functions[$function] = ($functions[$function] ?? 0.0) + $weight * $value;
                    $weights[$function] = ($weights[$function] ?? 0.0) + $weight;
                } elseif (\in_array($function, ['coagulated-casein', 'coagulated-soy', 'dry-structure'], true) && $one['share'] > 0.3) {
                    $functions[$function] = max($functions[$function] ?? 0.0, $value);
                } elseif ($function === 'live-enzyme' && !$isCooked && $one['share'] > 0.2) {
                    $functions[$function] = $value;
                }
            }
        }
        foreach ($weights as $function => $weight) {
            $functions[$function] = $weight > 0.0 ? ($functions[$function] ?? 0.0) / $weight : 0.0;
            // A starch of several: what each gives is for its own starch, and the whole has them all.
            if ($weighted[$function] === 'starch' && ($per100['starch'] ?? 0.0) > 0.0) {
                $functions[$function] *= min(1.0, $weight / $per100['starch']);
            }
        }
        if ($isCooked && isset($functions['starch'])) {
            $functions['starch-cold'] = ($functions['starch-cold'] ?? 0.0) + $functions['starch'];
            unset($functions['starch']);
        }

        return array_filter($functions, static fn(float $value): bool => $value > 1e-9);
    }

    /**
     * @param list<array{in: Ingredient, share: float, went: float}> $used
     *
     * @return array<string, float> only what every line states
     */
    private function micronutrients(array $used): array
    {
        $found = [];
        foreach (Ingredient::MICRONUTRIENTS as $fact) {
            $sum = 0.0;
            foreach ($used as $one) {
                if (!isset($one['in']->micronutrients[$fact])) {
                    continue 2;
                }
                $sum += $one['share'] * $one['in']->micronutrients[$fact];
            }
            $found[$fact] = $sum;
        }

        return $found;
    }
}
