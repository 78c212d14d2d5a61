<?php

declare(strict_types=1);

namespace Transmuta\Reference;

/** What a rule offers against what it warns of: `core/data/reference/remedies.csv`, by rule and, where it offers several, by what each is for. */
final class Remedies
{
    /** @throws \LogicException where the table has none */
    public static function of(string $rule, string $for = ''): string
    {
        return self::all($rule)[$for] ?? throw new \LogicException("No remedy of $rule for \"$for\".");
    }

    /** @return array<string, string> ingredient ids by what each is for, in the order they are offered */
    public static function all(string $rule): array
    {
        $table = Kept::once(self::class . ' table', static function (): array {
            $made = [];
            foreach (Table::of('reference/remedies') as $row) {
                $made[$row['rule']][$row['for']] = $row['ingredient'];
            }

            return $made;
        });

        return $table[$rule] ?? [];
    }
}
