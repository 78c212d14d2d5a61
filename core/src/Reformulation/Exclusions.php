<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * What a guest cannot have or a kitchen has not got, made of the words of a brief: allergens of EU law, what people call them, single
 * ingredients by any of their names, one or many. A word that is none of these is refused: nobody is served by a guess.
 */
final readonly class Exclusions
{
    private const ALLERGENS = ['gluten', 'crustaceans', 'eggs', 'fish', 'peanuts', 'soybeans', 'milk', 'nuts', 'celery', 'mustard', 'sesame', 'sulphites', 'lupin', 'molluscs'];

    /** How alike two words must be to be offered for each other, share of their letters. */
    private const ALIKE = 0.6;

    /** @param list<array{kind: string, value: string}> $rules */
    private function __construct(private array $rules) {}

    /**
     * @param list<string> $words
     *
     * @throws Nonsense if a word names neither an allergen nor anything on the shelf
     */
    public static function of(array $words, Shelf $shelf): self
    {
        if ($words === []) {
            return new self([]);
        }
        $table = array_column(Table::rows(\dirname(__DIR__, 2) . '/data/reformulation/without.csv'), null, 'word');
        $byName = [];
        foreach ($shelf->all() as $in) {
            foreach ([$in->id, mb_strtolower($in->name), ...$in->called()] as $name) {
                $byName[self::singular($name)] ??= $in->id;
            }
        }
        $rules = [];
        foreach ($words as $word) {
            $plain = self::singular(mb_strtolower(trim($word)));
            $allergen = array_values(array_filter(self::ALLERGENS, static fn(string $a): bool => self::singular($a) === $plain));
            $rules[] = match (true) {
                $allergen !== [] => ['kind' => 'allergen', 'value' => $allergen[0]],
                isset($table[$plain]) => ['kind' => $table[$plain]['kind'], 'value' => $table[$plain]['value']],
                $shelf->find(trim($word)) !== null => ['kind' => 'ingredient', 'value' => trim($word)],
                isset($byName[$plain]) => ['kind' => 'ingredient', 'value' => $byName[$plain]],
                default => throw Nonsense::of('without', $word, self::mend($plain, [...self::ALLERGENS, ...array_keys($table), ...array_keys($byName)])),
            };
        }

        return new self($rules);
    }

    public function bans(Ingredient $in): bool
    {
        foreach ($this->rules as ['kind' => $kind, 'value' => $value]) {
            $out = match ($kind) {
                'allergen' => \in_array($value, $in->allergens, true),
                'cereal' => \in_array($value, $in->cereals, true),
                'origin' => $in->comesFrom($value),
                'lactose' => $in->composition->of100('sugar.lactose') >= (float) $value,
                'part' => $in->composition->family($value) > 0.0,
                'species' => array_intersect(explode('|', $value), explode('-', $in->id)) !== [],
                default => $in->id === $value,
            };
            if ($out) {
                return true;
            }
        }

        return false;
    }

    /** One of what a word names: "tree nuts" and "tree nut" are one word, "hazelnuts" and "hazelnut" too. */
    private static function singular(string $word): string
    {
        $word = str_replace(['-', '_'], ' ', mb_strtolower($word));

        return match (true) {
            str_ends_with($word, 'ies') && \strlen($word) > 5 => substr($word, 0, -3) . 'y',
            str_ends_with($word, 'oes') => substr($word, 0, -2),
            str_ends_with($word, 's') && !str_ends_with($word, 'ss') && !str_ends_with($word, 'us') => substr($word, 0, -1),
            default => $word,
        };
    }

    /** @param list<int|string> $known */
    private static function mend(string $word, array $known): string
    {
        $near = [];
        foreach (array_unique($known) as $name) {
            similar_text($word, (string) $name, $percent);
            if ($percent >= 100 * self::ALIKE) {
                $near[(string) $name] = $percent;
            }
        }
        arsort($near);
        $near = \array_slice(array_keys($near), 0, 4);

        return 'name an allergen (' . implode(', ', self::ALLERGENS) . ') or an ingredient of the shelf' . ($near === [] ? '' : '; perhaps ' . implode(', ', $near));
    }
}
