<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Diet\Diet;
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
        $rows = array_column(array_filter(Table::of('substitution/diets'), static fn(array $row): bool => $row['diet'] === $diet->value), 'looked_up_under', 'order');
        ksort($rows);

        return $rows === [] ? throw new \LogicException("No substitutions are told for {$diet->value}.") : array_values($rows);
    }
}
