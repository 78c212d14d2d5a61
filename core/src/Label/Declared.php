<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** One row of a market's nutrition table, in its order and by its name (`core/data/label/rows.csv`). */
final readonly class Declared
{
    /** @param string $within the row it is a part of; '' where it stands by itself */
    private function __construct(public string $row, public string $name, public string $within, public string $mark) {}

    /** @return list<self> */
    public static function in(Market $market): array
    {
        $all = Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('label/rows') as $row) {
                $made[$row['market']][] = new self($row['row'], $row['name'], $row['within'], $row['mark']);
            }

            return $made;
        });

        return $all[$market->rules()] ?? throw new \LogicException("No nutrition table for {$market->words()} (core/data/label/rows.csv).");
    }
}
