<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Table;

/** Weights and thresholds by which routes are judged (`core/data/reformulation/weights.csv`), each with its mark; where one is ours, it says so. */
final class Weights
{
    /** @var ?array<string, float> */
    private static ?array $values = null;


    /** @throws BrokenTable if the table has no such key */
    public static function of(string $key): float
    {
        if (self::$values === null) {
            self::$values = [];
            foreach (Table::of('reformulation/weights') as $row) {
                self::$values[$row['key']] = (float) $row['value'];
            }
        }

        return self::$values[$key] ?? throw BrokenTable::missing("weights.csv: $key");
    }
}
