<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;

/** The words an allergen is called by on a label of each market: which cereal, which nut; and what of the fourteen a market does not ask for. */
final class AllergenWords
{
    /** What a list of allergens calls the whole kind, in the statement of a market that has one. */
    private const SUMMED = ['egg' => 'eggs', 'soy' => 'soy', 'peanut' => 'peanuts', 'soybean' => 'soybeans'];

    /**
     * @return list<string> words for the list of ingredients
     */
    public static function of(Ingredient $in, Market $market): array
    {
        $words = [];
        foreach ($in->allergens as $allergen) {
            if (!self::isDeclared($allergen, $market)) {
                continue;
            }
            array_push($words, ...match ($allergen) {
                'gluten' => self::cereals($in, $market),
                'nuts' => [self::nut($in) ?? 'nuts'],
                default => [self::word($allergen, $market)],
            });
        }

        if ($in->is(Nature::UsTreeNut) && self::isDeclared('pine nuts', $market)) {
            $words[] = Sorts::word($in->id, 'nut');
        }

        return array_values(array_unique($words));
    }

    public static function word(string $allergen, Market $market): string
    {
        return (self::rows()[$market->rules()][$allergen]['word'] ?? '') ?: $allergen;
    }

    /** Whether the law of a market names it; what no row speaks of is named everywhere. */
    private static function isDeclared(string $allergen, Market $market): bool
    {
        return (self::rows()[$market->rules()][$allergen]['declared'] ?? 'yes') === 'yes';
    }

    /** @return array<string, array<string, array<string, string>>> rows of `core/data/label/allergen-words.csv` by market and allergen */
    private static function rows(): array
    {
        return Kept::once(self::class . ' words', static function (): array {
            $made = [];
            foreach (Table::of('label/allergen-words') as $row) {
                $made[$row['market']][$row['allergen']] = $row;
            }

            return $made;
        });
    }

    /** Which nut it is; null where nobody has said. */
    public static function nut(Ingredient $in): ?string
    {
        $word = Sorts::word($in->id, 'nut');

        return $word === '' ? null : $word;
    }

    /**
     * The statement after the list, where the market has one: complete, in the words of its law.
     *
     * @param list<string> $words
     */
    public static function statement(array $words, Market $market): ?string
    {
        if ($market->isEuropean() || $words === []) {
            // Beside a list that emphasises them a separate box is not allowed.
            return null;
        }
        $cereals = array_intersect(['wheat', 'barley', 'oats', 'rye'], $words);
        $told = $market === Market::Us || $market === Market::Ca ? array_map(static fn(string $word): string => self::SUMMED[$word] ?? $word, $words) : $words;
        if ($cereals !== [] && $market === Market::Anz) {
            // Oats, barley and rye stand by name in the list, and as gluten here.
            $told = ['gluten', ...array_diff($told, ['barley', 'oats', 'rye'])];
        }
        if ($cereals !== [] && $market === Market::In) {
            $told = ['cereals containing gluten', ...array_diff($told, $cereals)];
        }

        $told = array_values(array_unique($told));
        $statement = 'Contains: ' . implode(', ', $told) . '.';

        return $market === Market::Ca ? $statement . ' Contient : ' . implode(', ', array_unique(array_map(self::french(...), $told))) . '.' : $statement;
    }

    /** An allergen in French, for Canada, where both languages are asked for (`core/data/label/french.csv`). */
    public static function french(string $word): string
    {
        return array_column(Table::of('label/french'), 'french', 'word')[$word] ?? throw new \LogicException("No French for $word (core/data/label/french.csv).");
    }

    /** @return list<string> */
    private static function cereals(Ingredient $in, Market $market): array
    {
        // In the United States only wheat is named.
        return array_values($market === Market::Us ? array_intersect($in->cereals, ['wheat']) : ($in->cereals === [] ? ['gluten'] : $in->cereals));
    }
}
