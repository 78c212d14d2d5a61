<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/** Lines written one after another in a row. */
final class RowList
{
    /** @return list<string> lines written one after another in a row: parted by semicolons, or by commas or strokes before an amount */
    public static function of(string $row): array
    {
        // "Butter 125, icing sugar 90, egg 50": the amount behind the name.
        $behind = array_map(trim(...), preg_split('/\s*[,;]\s*/u', $row) ?: []);
        if (\count($behind) >= 2 && array_filter($behind, static fn(string $one): bool => preg_match('/^\p{L}[^\d]*(?:\d{1,2}\s?%\s)?\s[\d.½¼¾]+\s*(?:g|kg|ml|l|cl|dl|tsp|tbsp|teaspoons?|tablespoons?|cups?|oz|lb|leaves|leaf|pinch)?$|^\p{L}\d{2,3}\s\d+$/u', $one) !== 1) === []) {
            return $behind;
        }

        return array_values(array_filter(array_map(trim(...), preg_split('/\s*;\s*|(?:,|\s[\/|+])\s+(?=[\d½¼¾⅓⅔⅛]|an?\s|pinch|dash|knob|juice|zest)/u', $row) ?: []), static fn(string $one): bool => $one !== ''));
    }
}
