<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What an agent that comes in asks the method for (`core/data/method/agents.csv`): gelatin swells and melts, agar boils, a gum is rained in dry. */
final class Agents
{
    /** @return ?Agent null for what is only mixed in; the same object for all of a row */
    public static function of(string $ingredient): ?Agent
    {
        $all = Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('method/agents') as $row) {
                $agent = new Agent(
                    match ($row['goes_in']) {
                        'boil', 'last', 'sweet', 'warm', 'whip' => $row['goes_in'],
                        default => 'cold',
                    },
                    match ($row['named']) {
                        'boiled', 'made', 'stands', 'warm', 'whipped' => $row['named'],
                        default => '',
                    },
                    $row['water_times'] === '' ? null : (float) $row['water_times'],
                    $row['stirred_above_c'] === '' ? null : (float) $row['stirred_above_c'],
                    $row['step'],
                    $row['join'],
                );
                foreach (explode(' ', $row['ingredients']) as $id) {
                    $made[$id] = $agent;
                }
            }

            return $made;
        });

        return $all[$ingredient] ?? null;
    }
}
