<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Diet\Diet;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Under which words of the substitution table a diet is looked up, nearest first (`core/data/substitution/diets.csv`). */
final class DietRows
{
    /**
     * @return non-empty-list<string>
     *
     * @throws \LogicException where the table has none for the diet
     */
    public static function of(Diet $diet): array
    {
        return Kept::once(self::class, self::read(...))[$diet->value] ?? throw new \LogicException("No substitutions are told for {$diet->value}.");
    }

    /** @return array<string, non-empty-list<string>> by diet */
    private static function read(): array
    {
        $rows = [];
        foreach (Table::of('substitution/diets') as $row) {
            $rows[$row['diet']][(int) $row['order']] = $row['looked_up_under'];
        }

        return array_map(static function (array $ofDiet): array {
            ksort($ofDiet);

            return array_values($ofDiet);
        }, $rows);
    }
}
