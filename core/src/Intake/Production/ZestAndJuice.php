<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Quantity\UnitSystem;

/** "zest and juice of 1 lemon", "2 limes, zest and juice", "zest of 1 and juice of 2 lemons": the juice, and the zest. */
final class ZestAndJuice implements Production
{
    private const HOW = '(?:the|finely|coarsely|freshly|grated|pared|squeezed|strained|all|of)';
    private const ZEST = '(?:zest|zested|rind|peel)';
    private const JUICE = '(?:juice|juiced)';

    public function parts(Part $line, UnitSystem $system): ?array
    {
        $how = self::HOW;
        $zest = self::ZEST;
        $juice = self::JUICE;
        $text = preg_replace('/^the\s+/u', '', $line->text) ?? $line->text;
        // "zest of 1 and juice of 2 lemons", "juice of 2 lemons and zest of 1".
        if (preg_match("/^(?:$how\\s+)*($zest|$juice)\\s+(?:of|from)\\s+((?:half(?:\\s+an?)?|an?|one|two|three)\\b|[^a-z]*)\\s*([a-z -]*?)(?:\\s*(?:,|and\\b|&|plus\\b|\\+))+\\s*(?:the\\s+)?(?:$how\\s+)*($zest|$juice)\\s+(?:of|from)\\s+((?:half(?:\\s+an?)?|an?|one|two|three)\\b|[^a-z]*)\\s*([a-z -]*)(.*)$/u", $text, $m) === 1 && self::isZest($m[1]) !== self::isZest($m[4])) {
            [$one, $other] = array_map(static fn(string $fruit): string => trim(preg_replace('/^(?:whole|other|another|more|fruit)?\s*(?:one|ones|fruit)?$/u', '', trim($fruit)) ?? $fruit), [$m[3], $m[6]]);
            $first = $one !== '' ? $one : $other;
            $second = $other !== '' ? $other : $one;

            return [new Part(\sprintf('%s of %s %s', self::isZest($m[1]) ? 'zest' : 'juice', self::count($m[2]), $first), $line->estimate), new Part(\sprintf('%s of %s %s', self::isZest($m[4]) ? 'zest' : 'juice', self::count($m[5]), $second), $line->estimate)];
        }
        // "zest of 1 lemon plus 2 tablespoons juice".
        if (preg_match("/^(?:$how\\s+)*($zest)\\s+(?:of|from)\\s+(.+?)(?:\\s*(?:,|and\\b|&|plus\\b|\\+))+\\s*(\\d.*?)\\s+(?:of\\s+)?(?:the\\s+)?(?:$how\\s+)*juice\$/u", $text, $m) === 1 && preg_match('/([a-z][a-z -]+)$/u', $m[2], $f) === 1) {
            return [new Part('zest of ' . $m[2], $line->estimate), new Part(\sprintf('%s %s juice', $m[3], preg_replace('/^(?:large|medium|small|unwaxed|an?|one|two)\s+/u', '', $f[1])), $line->estimate)];
        }
        $both = "(?:(?:$how\\s+)*$zest\\s*(?:and|&|\\+|,|\\/|plus)\\s*(?:$how\\s+)*$juice|(?:$how\\s+)*$juice\\s*(?:and|&|\\+|,|\\/|plus)\\s*(?:$how\\s+)*$zest)";
        $of = match (true) {
            preg_match("/^$both\\s+(?:(?:of|from)\\s+)?(.+)$/u", $text, $m) === 1 => $m[1],
            preg_match("/^(.+?)\\s*[,:(-]+\\s*(?:both\\s+)?$both\\b(.*)$/u", $text, $m) === 1 => $m[1] . (str_starts_with(trim($m[2]), '(') ? ' ' . $m[2] : ''),
            preg_match("/^(.+?)\\s+$both\\s*\\)?$/u", $text, $m) === 1 => $m[1],
            default => null,
        };

        return $of === null ? null : [new Part('juice of ' . trim($of), $line->estimate), new Part('zest of ' . trim(preg_replace('/\(.*?\)/u', '', $of) ?? $of), $line->estimate)];
    }

    private static function count(string $said): string
    {
        return str_starts_with($said, 'half') ? '0.5' : $said;
    }

    private static function isZest(string $word): bool
    {
        return !str_starts_with($word, 'juic');
    }
}
