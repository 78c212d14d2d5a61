<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Where things are bought (`core/data/shelf/tiers.csv`). */
final class Tiers
{
    /** Column of a country by the market of a studio; where a market has none, the first column holds. */
    private const COLUMNS = ['in' => 'in', 'us' => 'us', 'ca' => 'us', 'eu' => 'eu'];

    /**
     * @param string $market of the studio, such as `eu`
     *
     * @return Tier of what a studio added to the shelf itself, as of any grocer's: it has it
     */
    public static function of(Ingredient $in, string $market): Tier
    {
        $row = self::rows()[$in->basedOn === null ? $in->id : ''] ?? null;
        if ($row === null) {
            return Tier::Grocer;
        }
        $there = $row[self::COLUMNS[$market] ?? 'tier'] ?? '';

        return Tier::from((int) ($there === '' ? $row['tier'] : $there));
    }

    /** @return array<string, array<string, string>> rows by ingredient */
    private static function rows(): array
    {
        return Kept::once(self::class, static function (): array {
            $rows = [];
            foreach (Table::of('shelf/tiers') as $row) {
                $rows[$row['ingredient']] = $row;
            }

            return $rows;
        });
    }
}
