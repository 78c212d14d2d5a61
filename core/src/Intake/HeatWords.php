<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Oven;

/** A heat as it is written: degrees of either scale, gas marks, and what oven they are of. */
final class HeatWords
{
    /**
     * An oven's heat with what kind of oven it is of, by the first that is stated: "160C fan", "fan 170 °C", "180 °C, fan oven", "gas 4", "100 °C steam".
     *
     * @return ?array{float, Oven} the still oven's °C, and the oven that was said; null where none was
     */
    public static function oven(string $text): ?array
    {
        $plain = mb_strtolower(Numbers::plain(str_replace(['º', '˚'], '°', $text)));
        $fan = '(?:fan(?:[\s-]?(?:oven|forced|assisted|bake))?|convection|hot[\s-]air|umluft|hei(?:ß|ss)luft|chaleur\s+tournante|ventilad[oa]|ventilato|con\s+aire|turbo)';
        $still = static fn(string $value, string $unit, Oven $oven): array => [$oven->still(str_contains($unit, 'f') || (float) $value >= 240.0 ? round(((float) $value - 32) / 1.8, 1) : (float) $value), $oven];
        if (preg_match('/(?<![\d.])(\d{2,3}(?:\.\d+)?)\s*(?:(°\s*[cf]?|[cf]|degrees?(?:\s*[cf])?)(?![a-z]))?(?!\s*(?:g|ml|min|hour|h|cm|mm|%)\b)/u', $plain, $first, \PREG_OFFSET_CAPTURE) === 1) {
            $from = $first[0][1];
            $after = substr($plain, $from + \strlen($first[0][0]));
            $before = substr($plain, 0, $from);
            $unit = $first[2][0] ?? '';
            if (preg_match('/^[\s,(]*(?:in\s+an?\s+)?' . $fan . '\b/u', $after) === 1 || preg_match('/\b' . $fan . '[\s,:(]*(?:at\s+|set\s+to\s+)?$/u', $before) === 1) {
                return $still($first[1][0], $unit, Oven::Fan);
            }

            return preg_match('/^[\s,(]*(?:in\s+an?\s+)?steam(?:[\s-]?oven)?\b/u', $after) === 1 ? $still($first[1][0], $unit, Oven::Steam) : null;
        }

        return preg_match('/\bgas\s*(?:mark\s*)?(\d)/u', $plain, $m) === 1 ? [Oven::Gas->still((float) $m[1]), Oven::Gas] : null;
    }

    /** From where a text first states a heat, with the words before it that may say of which oven; times and sizes before that are no heat. */
    public static function stated(string $text): string
    {
        return preg_match('/(?:\b[\p{L}\s-]{0,24})?(?<![\d.])\d{2,3}\s*(?:°|degrees?|[cf]\b).*$|\bgas\b.*$/us', $text, $m) === 1 ? $m[0] : '';
    }

    /** °C where a text states a heat by its unit: "82 °C", "350 F", "gas mark 4", "320 degrees". */
    public static function heat(string $text): ?float
    {
        $plain = mb_strtolower(Numbers::plain(str_replace(['º', '˚'], '°', $text)));
        if (preg_match('/(?<![\d.])(-?\d{2,3})\s*(?:°|degrees?|deg\.?)?\s*(?:c|celsius|centigrade)\b/u', $plain, $m) === 1) {
            return (float) $m[1];
        }
        if (preg_match('/(?<![\d.])(\d{2,3})\s*(?:°|degrees?|deg\.?)?\s*(?:f|fahrenheit)\b/u', $plain, $m) === 1) {
            return round(((float) $m[1] - 32) / 1.8, 1);
        }
        if (preg_match('/(?<![\d.])(\d{2,3})\s*(?:°|degrees?)/u', $plain, $m) === 1) {
            return (float) $m[1] >= 240.0 ? round(((float) $m[1] - 32) / 1.8, 1) : (float) $m[1];
        }

        if (preg_match('/\b(?:bake|baked|oven|roast)\b.*\bat\s+(\d{3})\b(?!\s*(?:g|ml|min))/u', $plain, $m) === 1) {
            // "Bake 10 min at 160": an oven's, in the scale its number can be of.
            return (float) $m[1] >= 240.0 ? round(((float) $m[1] - 32) / 1.8, 1) : (float) $m[1];
        }

        return preg_match('/gas\s*(?:mark\s*)?(\d)/u', $plain, $m) === 1 ? Oven::Gas->still((float) $m[1]) : null;
    }

    /** °C from "82 C", "180 F" or "gas mark 4"; null where no temperature is written. */
    public static function celsius(string $text): ?float
    {
        $plain = mb_strtolower(Numbers::plain($text));
        if (preg_match('/(-?\d+(?:\.\d+)?)\s*(?:°\s*)?(c|f)\b/u', $plain, $m)) {
            return $m[2] === 'f' ? round(((float) $m[1] - 32) / 1.8, 1) : (float) $m[1];
        }
        if (preg_match('/gas\s*(?:mark\s*)?(\d)/u', $plain, $m)) {
            return Oven::Gas->still((float) $m[1]);
        }

        return preg_match('/^\s*(-?\d+(?:\.\d+)?)\s*$/u', $plain, $m) ? (float) $m[1] : null;
    }

    /** Words in which hours with minutes stand as minutes: "1 h 15", "1hr 20 mins" and "1 hour and 5 minutes" are 75, 80 and 65 min. */
    public static function inMinutes(string $words): string
    {
        return (string) preg_replace_callback('~(?<![\d.,/])(\d{1,2})\s*h(?:(?:ou)?rs?)?\.?\s*(?:and\s+)?([0-5]?\d)\s*(?:min(?:ute)?s?|m)?(?![\d.,]*\d|\p{L}|\s*(?:°|[cf]\b|g\b|cm))~iu', static fn(array $m): string => (60 * (int) $m[1] + (int) $m[2]) . ' min', $words);
    }
}
