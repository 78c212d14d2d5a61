<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What a clause without a verb says is done: "juice and sugar to the boil", "12 minutes in the oven", "fridge overnight" (`core/data/method/verbless.csv`, the first row that fits). */
final class Verbless
{
    /** The verb that is left out; null where the words say of nothing that is done. */
    public static function verb(string $clause): ?string
    {
        return self::row($clause)['verb'] ?? null;
    }

    /** Whether words begin something new though no verb does: "spread on a tray, 12 minutes in the oven". */
    public static function begins(string $piece): bool
    {
        return (self::row($piece)['begins'] ?? '') === 'yes';
    }

    /** @return ?array<string, string> */
    private static function row(string $clause): ?array
    {
        $plain = trim((string) preg_replace(['~\p{Mn}+~u', '~\([^)]*\)~u'], '', \Normalizer::normalize(mb_strtolower($clause), \Normalizer::FORM_D) ?: $clause), ' .,;:');
        foreach (Kept::once(self::class, static fn(): array => Table::of('method/verbless')) as $row) {
            if (preg_match("~{$row['says']}~u", $plain) === 1) {
                return $row;
            }
        }

        return null;
    }
}
