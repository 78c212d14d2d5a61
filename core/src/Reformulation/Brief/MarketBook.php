<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Brief;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What a market does not authorise (`core/data/reformulation/markets.csv`). */
final class MarketBook
{
    /** @return list<string> ingredient ids */
    public static function heldBack(string $market): array
    {
        $heldBack = Kept::once(self::class . ' heldBack', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/markets') as $row) {
                $made[$row['market']][] = $row['ingredient'];
            }

            return $made;
        });

        return $heldBack[$market] ?? [];
    }
}
