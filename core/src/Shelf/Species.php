<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * What an ingredient is made of, by plant, animal or product (almond, corn, cocoa, cream, egg white …), at any depth: `core/data/shelf/holds.csv` for what
 * is shipped, the lines of a preparation for what a kitchen makes, the packet's own list for what it bought. What nobody has said holds
 * may hold anything: it is never called free of something.
 */
final class Species
{
    /** In `may_hold`: a bought blend, of which its packet alone knows what is in it. */
    private const BLEND = '*';

    /** In either column: some of a kin, as "candied nuts" are nuts of no one kind. */
    private const ANY = '-any';

    /** @return list<string> every species there is a word for */
    public static function all(): array
    {
        return array_map(strval(...), array_keys(self::species()));
    }

    /** The species a word means, in any of the languages of the table; null where it means none. */
    public static function named(string $word): ?string
    {
        $word = mb_strtolower(trim($word));
        foreach (self::species() as $name => $of) {
            if ((string) $name === $word || \in_array($word, $of['names'], true)) {
                return (string) $name;
            }
        }

        return null;
    }

    /** Whether it is made of a species, or of some of its kin that nobody has named. */
    public static function holds(Ingredient $in, string $species): bool
    {
        return self::isAmong($species, self::madeOf($in)['holds']);
    }

    /** Whether it may be: its kind is sometimes made with it, or is a blend that only its packet knows. False where it surely is. */
    public static function mayHold(Ingredient $in, string $species): bool
    {
        $may = self::madeOf($in)['may'];

        return !self::holds($in, $species) && (self::isAmong($species, $may) || (\in_array(self::BLEND, $may, true) && self::isOpen($in, $species)));
    }

    /** Whether a blend can hold it for all its packet says: what is an allergen, packets must name, and one that is neither in it nor warned of is not there. */
    private static function isOpen(Ingredient $in, string $species): bool
    {
        $allergen = self::species()[$species]['allergen'] ?? '';

        return $allergen === '' || \in_array($allergen, $in->allergens, true) || \in_array($allergen, $in->mayContain, true);
    }

    /** Whether its kind is known to be made with it at times, which a route does not bring in. */
    public static function isNamedAsPossible(Ingredient $in, string $species): bool
    {
        return !self::holds($in, $species) && self::isAmong($species, self::madeOf($in)['may']);
    }

    /**
     * The species that a packet's own list names.
     *
     * @return list<string>
     */
    public static function inWords(string $declared): array
    {
        $text = ' ' . mb_strtolower(preg_replace('/[^\p{L}\p{N}]+/u', ' ', $declared) ?? '') . ' ';
        $found = [];
        foreach (self::species() as $name => $of) {
            foreach ($of['names'] as $word) {
                if (str_contains($text, ' ' . (preg_replace('/[^\p{L}\p{N}]+/u', ' ', $word) ?? $word) . ' ')) {
                    $found[] = (string) $name;
                    break;
                }
            }
        }

        return $found;
    }

    /** @return array{holds: list<string>, may: list<string>} */
    private static function madeOf(Ingredient $in): array
    {
        $unknown = ['holds' => [], 'may' => [self::BLEND]];
        if ($in->madeOf !== null) {
            $holds = $may = [];
            foreach ($in->raw() as $raw) {
                $of = self::made()[$raw['ingredient']] ?? $unknown;
                $holds = [...$holds, ...$of['holds']];
                $may = [...$may, ...$of['may']];
            }

            return ['holds' => array_values(array_unique($holds)), 'may' => array_values(array_unique($may))];
        }
        if ($in->declared !== null && trim($in->declared) !== '') {
            return ['holds' => [...self::inWords($in->declared), ...$in->cereals], 'may' => [self::BLEND]];
        }
        $of = self::made()[$in->id] ?? null;
        if ($of === null && $in->basedOn !== null && isset(self::made()[$in->basedOn])) {
            $of = self::made()[$in->basedOn];
            $of['may'][] = self::BLEND;
        }
        $of ??= $unknown;

        return ['holds' => [...$of['holds'], ...$in->cereals], 'may' => $of['may']];
    }

    /** @param list<string> $list */
    private static function isAmong(string $species, array $list): bool
    {
        $kin = self::species()[$species]['kin'] ?? '';

        return \in_array($species, $list, true) || ($kin !== '' && \in_array($kin . self::ANY, $list, true));
    }

    /** @return array<string, array{holds: list<string>, may: list<string>}> */
    private static function made(): array
    {
        $made = Kept::once(self::class . ' made', static function (): array {
            $made = [];
            $listed = static fn(string $cell): array => array_values(array_filter(explode('|', $cell), static fn(string $one): bool => $one !== ''));
            foreach (Table::of('shelf/holds') as $row) {
                $made[$row['ingredient']] = ['holds' => $listed($row['holds']), 'may' => $listed($row['may_hold'])];
            }

            return $made;
        });

        return $made;
    }

    /** @return array<string, array{kin: string, allergen: string, names: list<string>}> */
    private static function species(): array
    {
        $species = Kept::once(self::class . ' species', static function (): array {
            $made = [];
            foreach (Table::of('shelf/species') as $row) {
                $made[$row['species']] = ['kin' => $row['kin'], 'allergen' => $row['allergen'], 'names' => explode('|', mb_strtolower($row['names']))];
            }

            return $made;
        });

        return $species;
    }
}
