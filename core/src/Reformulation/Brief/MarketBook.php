<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Brief;

use Transmuta\Reference\Table;

/** What a market does not authorise (`core/data/reformulation/markets.csv`). */
final class MarketBook
{
    /** @var ?array<string, list<string>> by market */
    private static ?array $heldBack = null;

    /** @return list<string> ingredient ids */
    public static function heldBack(string $market): array
    {
        if (self::$heldBack === null) {
            self::$heldBack = [];
            foreach (Table::of('reformulation/markets') as $row) {
                self::$heldBack[$row['market']][] = $row['ingredient'];
            }
        }

        return self::$heldBack[$market] ?? [];
    }
}
