<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What a method calls by name once it was made: "the caramel", "the custard" (`core/data/method/products.csv`). */
final class Products
{
    /** @return list<list<string>> operations that make what is named, for each name a text holds, the longest names first */
    public static function in(string $said): array
    {
        $all = Kept::once(self::class, static function (): array {
            $all = array_map(static fn(array $row): array => [$row['word'], $row['operations']], Table::of('method/products'));
            usort($all, static fn(array $a, array $b): int => \strlen($b[0]) <=> \strlen($a[0]));

            return $all;
        });
        $found = [];
        $said = (string) preg_replace('~\p{Mn}+~u', '', \Normalizer::normalize(mb_strtolower($said), \Normalizer::FORM_D) ?: $said);
        foreach ($all as [$word, $operations]) {
            $left = preg_replace('~\b' . preg_quote($word, '~') . 's?\b~u', ' ', $said, -1, $count);
            if ($count > 0) {
                $said = (string) $left;
                $found[] = explode(' ', $operations);
            }
        }

        return $found;
    }
}
