<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What an agent that comes in asks the method for (`core/data/method/agents.csv`): gelatin swells and melts, agar boils, a gum is rained in dry. */
final class Agents
{
    /** @return ?array{goes_in: string, step: string} null for what is only mixed in */
    public static function of(string $ingredient): ?array
    {
        $all = Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('method/agents') as $row) {
                foreach (explode(' ', $row['ingredients']) as $id) {
                    $made[$id] = ['goes_in' => $row['goes_in'], 'step' => $row['step']];
                }
            }

            return $made;
        });

        return $all[$ingredient] ?? null;
    }
}
