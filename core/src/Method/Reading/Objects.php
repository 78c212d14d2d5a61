<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;

/** What a step's object is, as far as it decides what its verb means: a yolk, a gelatin, a crumb (`core/data/method/objects.csv`). */
final class Objects
{
    /**
     * @param list<Ingredient> $ingredients that go in
     * @param string $clause in small letters
     *
     * @return list<string>
     */
    public static function of(array $ingredients, string $clause): array
    {
        $found = [];
        foreach ($ingredients as $in) {
            $found += self::ofOne($in);
        }
        [$pattern, $objects] = self::words();
        preg_match_all($pattern, $clause, $m);
        foreach ($m[1] as $word) {
            $found += $objects[$word];
        }

        return array_keys($found);
    }

    /** @return array<string, true> */
    private static function ofOne(Ingredient $in): array
    {
        return Kept::once(self::class . " $in->id $in->class $in->group $in->basedOn", static function () use ($in): array {
            $found = [];
            foreach (self::table() as $row) {
                $is = match ($row['by']) {
                    'class' => $in->class === $row['of'],
                    'group' => $in->group === $row['of'],
                    'nature' => $in->is(Nature::from($row['of'])),
                    default => false,
                };
                $found += $is ? [$row['object'] => true] : [];
            }

            return $found;
        });
    }

    /** @return array{string, array<string, array<string, true>>} a pattern of all words, and the objects of each */
    private static function words(): array
    {
        return Kept::once(self::class . ' words', static function (): array {
            $objects = [];
            foreach (self::table() as $row) {
                if ($row['by'] === 'word') {
                    $objects[$row['of']][$row['object']] = true;
                }
            }
            $words = array_map(strval(...), array_keys($objects));
            usort($words, static fn(string $a, string $b): int => \strlen($b) <=> \strlen($a));

            return ['~\b(' . implode('|', array_map(static fn(string $word): string => preg_quote($word, '~'), $words)) . ')(?:e?s)?\b~u', $objects];
        });
    }

    /** @return list<array<string, string>> */
    private static function table(): array
    {
        return Kept::once(self::class, static fn(): array => Table::of('method/objects'));
    }
}
