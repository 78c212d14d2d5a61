<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/** What of a whole citrus fruit goes in, where its row says "4 lemons" and only the method says that they are zested and pressed. */
final class CitrusParts
{
    private const FRUIT = '(?:lemon|lime|orange|clementine|mandarin|yuzu|grapefruit)s?';

    private const ROW = '~^\W*(?:(?:\d+|½|¼|an?|one|two|three|four|half\s+an?)\s+(?:large\s+|small\s+|medium\s+|unwaxed\s+|juicy\s+|organic\s+)*' . self::FRUIT . '(?:,?\s*unwaxed)?|' . self::FRUIT . '\s*[x×]?\s*\d{1,2})\W*$~iu';

    /**
     * The row with the parts behind it; null where the row says them itself, is of no citrus, or the method says of neither.
     *
     * @param string $method all that is written of the making
     */
    public static function of(string $row, string $method): ?string
    {
        if (preg_match(self::ROW, $row) !== 1 || preg_match('~' . self::FRUIT . '~iu', $row, $fruit) !== 1) {
            return null;
        }
        $one = preg_quote(rtrim(mb_strtolower($fruit[0]), 's'), '~');
        $said = mb_strtolower($method);
        // "Zest and juice the lemons", "the lemon juice", "grate the zest": of this fruit, or of none by name.
        $isNear = static fn(string $word): bool => preg_match("~\\b(?:$word)\\b[^.;]{0,40}\\b$one|\\b{$one}s?’?\\s+(?:and\\s+\\w+\\s+)?(?:$word)|\\b(?:the|its|their)\\s+(?:$word)\\b~u", $said) === 1;
        $parts = array_keys(array_filter(['juice' => $isNear('juice|squeeze|squeezed|juiced|press'), 'zest' => $isNear('zest|rind|grate|zested|peel')]));

        return $parts === [] ? null : rtrim($row, ' .,;') . ', ' . implode(' and ', $parts);
    }
}
