<?php

declare(strict_types=1);

namespace Transmuta\Intake;

/** Numbers as kitchens write them: 1/2, ½, 1 1/2, 1½, "one and a half", 2–3, "one to two". */
final class Numbers
{
    private const WORDS = [
        'a' => 1.0, 'an' => 1.0, 'one' => 1.0, 'two' => 2.0, 'three' => 3.0, 'four' => 4.0, 'five' => 5.0, 'six' => 6.0, 'seven' => 7.0, 'eight' => 8.0,
        'nine' => 9.0, 'ten' => 10.0, 'eleven' => 11.0, 'twelve' => 12.0, 'half' => 0.5, 'quarter' => 0.25, 'dozen' => 12.0,
    ];

    private const VULGAR = ['½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6'];

    /** Plain form of a line: one kind of space, dash and fraction; full-width digits made plain. */
    public static function plain(string $text): string
    {
        foreach (self::VULGAR as $sign => $fraction) {
            $text = str_replace($sign, ' ' . $fraction . ' ', $text);
        }
        $text = (\Normalizer::normalize($text, \Normalizer::FORM_KC) ?: $text);
        $text = str_replace(['⁄', '’', '‘', '–', '—', '−', '×'], ['/', "'", "'", '-', '-', '-', 'x'], $text);

        return trim(preg_replace('/\s+/u', ' ', $text) ?? $text);
    }

    /**
     * Takes a number off the front of a plain, lower-case text.
     *
     * @return array{value: float, range: bool, rest: string}|null null when there is none
     */
    public static function take(string $text): ?array
    {
        $first = self::one($text);
        if ($first === null) {
            return null;
        }
        if (preg_match('/^\s*dozen\b(.*)$/u', $first['rest'], $m)) {
            return ['value' => 12 * $first['value'], 'range' => false, 'rest' => $m[1]];
        }
        if (preg_match('/^\s*(?:-|to|or)\s*(.*)$/u', $first['rest'], $m)) {
            $second = self::one($m[1]);
            if ($second !== null && $second['value'] > $first['value']) {
                return ['value' => ($first['value'] + $second['value']) / 2, 'range' => true, 'rest' => $second['rest']];
            }
        }

        return ['value' => $first['value'], 'range' => false, 'rest' => $first['rest']];
    }

    /** @return array{value: float, rest: string}|null */
    private static function one(string $text): ?array
    {
        $text = ltrim($text);
        if (preg_match('#^(\d+)[\s-]+(?:and\s+)?(\d+)\s*/\s*(\d+)(?!\d)(.*)$#u', $text, $m) && (int) $m[3] > 0) {
            return ['value' => (int) $m[1] + (int) $m[2] / (int) $m[3], 'rest' => $m[4]];
        }
        if (preg_match('#^(\d+)\s*/\s*(\d+)(?![\d.])(.*)$#u', $text, $m) && (int) $m[2] > 0) {
            return ['value' => (int) $m[1] / (int) $m[2], 'rest' => $m[3]];
        }
        if (preg_match('/^(\d{1,3}(?:,\d{3})+)(?![\d,])(.*)$/u', $text, $m)) {
            return ['value' => (float) str_replace(',', '', $m[1]), 'rest' => $m[2]];
        }
        if (preg_match('/^(\d*[.,]\d+|\d+)(.*)$/u', $text, $m)) {
            $value = (float) str_replace(',', '.', $m[1]);
            if (preg_match('/^\s*and\s+a\s+(half|quarter)\b(.*)$/u', $m[2], $and)) {
                return ['value' => $value + self::WORDS[$and[1]], 'rest' => $and[2]];
            }

            return ['value' => $value, 'rest' => $m[2]];
        }
        if (preg_match('/^three[\s-]quarters?\s+(?:of\s+)?(?:an?\s+)?(.*)$/u', $text, $m)) {
            return ['value' => 0.75, 'rest' => ' ' . $m[1]];
        }
        if (preg_match('/^(half|quarter)\s+(?:a|an|of a)\s+(.*)$/u', $text, $m) || preg_match('/^(half|quarter)\s+(.*)$/u', $text, $m)) {
            return ['value' => self::WORDS[$m[1]], 'rest' => ' ' . $m[2]];
        }
        if (preg_match('/^([a-z]+)\b(.*)$/u', $text, $m) && isset(self::WORDS[$m[1]])) {
            if (preg_match('/^\s+and\s+a\s+(half|quarter)\b(.*)$/u', $m[2], $and)) {
                return ['value' => self::WORDS[$m[1]] + self::WORDS[$and[1]], 'rest' => $and[2]];
            }

            return ['value' => self::WORDS[$m[1]], 'rest' => $m[2]];
        }

        return null;
    }

    /** A figure as a trace shows it. */
    public static function words(float $value): string
    {
        return rtrim(rtrim(number_format($value, $value < 10 ? 2 : 1, '.', ''), '0'), '.');
    }
}
