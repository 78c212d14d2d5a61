<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

use Transmuta\Property\DishReading;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * What a result would be spoilt by, or hurt with, and its original was not (`core/data/reformulation/troubles.csv`). Every rule of the watch stands in
 * that table: it keeps a route from being met, or is told beside it.
 */
final class Troubles
{
    /** @return list<Warning> what stops it first */
    public static function brought(DishReading $was, DishReading $now): array
    {
        $had = [];
        foreach ($was->watch as $warning) {
            $had[$warning->rule . ' ' . $warning->layer] = true;
        }
        $brought = array_values(array_filter($now->watch, static fn(Warning $w): bool => $w->severity !== Severity::Note && self::keeps($w->rule) && !isset($had[$w->rule . ' ' . $w->layer])));
        usort($brought, static fn(Warning $a, Warning $b): int => ($b->severity === Severity::Stop) <=> ($a->severity === Severity::Stop));

        return $brought;
    }

    /** A rule the table does not know keeps: nothing good is said of what was not judged. */
    public static function keeps(string $rule): bool
    {
        $keeps = Kept::once(self::class . ' keeps', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/troubles') as $row) {
                $made[$row['rule']] = $row['weighs'] !== 'told';
            }

            return $made;
        });

        return $keeps[$rule] ?? true;
    }
}
