<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Weights and thresholds by which routes are judged (`core/data/reformulation/weights.csv`), each with its mark; where one is ours, it says so. */
final class Weights
{
    /** @throws BrokenTable if the table has no such key */
    public static function of(string $key): float
    {
        $values = Kept::once(self::class . ' values', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/weights') as $row) {
                $made[$row['key']] = (float) $row['value'];
            }

            return $made;
        });

        return $values[$key] ?? throw BrokenTable::missing("weights.csv: $key");
    }
}
