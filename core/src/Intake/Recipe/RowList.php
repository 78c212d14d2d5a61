<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/** Lines written one after another in a row. */
final class RowList
{
    /** A name with its amount behind it: "butter 125", "evaporated milk 3 x 410 g tins", "T55 500". */
    private const BEHIND = '/^\p{L}[^\d]*(?:\d{1,2}\s?%\s)?\s(?:\d{1,2}\s*[x×]\s*)?[\d.½¼¾\/]+\s*(?:g|kg|ml|l|cl|dl|tsp|tbsp|teaspoons?|tablespoons?|cups?|oz|lb|leaves|leaf|pinch)?(?:\s*(?:tins?|cans?|packets?|packs?|tubs?|cartons?|bottles?|jars?|sheets?|bunch(?:es)?))?$|^\p{L}\d{2,3}\s\d+$/u';

    /** @return list<string> lines written one after another in a row: parted by semicolons, or by commas or strokes before an amount */
    public static function of(string $row): array
    {
        // "Butter 125, icing sugar 90, egg 50": the amount behind the name.
        $behind = array_map(trim(...), preg_split('/\s*[,;]\s*/u', $row) ?: []);
        $without = array_values(array_filter($behind, static fn(string $one): bool => preg_match(self::BEHIND, $one) !== 1));
        // "… icing sugar 150 g, vanilla": of some no amount is said, and they are no less of the list.
        $isShort = static fn(string $one): bool => preg_match('/^\p{L}[\p{L}\s-]{1,30}$/u', $one) === 1;
        if (\count($behind) >= 2 && ($without === [] || (\count($behind) >= 3 && 3 * \count($without) <= \count($behind) && array_filter($without, $isShort) === $without && $behind[0] !== $without[0]))) {
            return $behind;
        }

        return array_values(array_filter(array_map(trim(...), preg_split('/\s*;\s*|(?:,|\s[\/|+])\s+(?=[\d½¼¾⅓⅔⅛]|an?\s|pinch|dash|knob|juice|zest)/u', $row) ?: []), static fn(string $one): bool => $one !== ''));
    }
}
