<?php

declare(strict_types=1);

namespace App\Access;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A password that is among what is tried first: one that leaked and is used by many, two such one after the other, a row of keys or one sign
 * again and again, one's own name. OWASP ASVS 4.0.3, 2.1.7: compared with a list that ships with the application; there is no network.
 */
final readonly class TriedFirst implements ValidationRule
{
    private const SAID = 'That is among what is tried first. Three or four words that do not belong together are good.';

    /** A word that is shorter says nothing by standing in another. */
    private const LEAST = 4;

    /** Signs at the end that are only there to please a rule. */
    private const TAIL = '/[^a-z]{0,4}$/';

    private const ROWS = ['abcdefghijklmnopqrstuvwxyz', '01234567890', 'qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertzuiop', 'azertyuiop', '1qaz2wsx3edc4rfv5tgb'];

    /** @param list<string> $own what is known of whoever chooses: a name, an address, the studio's */
    public function __construct(private array $own = []) {}

    /** @param Closure(string, ?string=): \Illuminate\Translation\PotentiallyTranslatedString $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (\is_string($value) && self::isKnown($value, $this->own)) {
            $fail(self::SAID);
        }
    }

    /** @param list<string> $own */
    public static function isKnown(string $password, array $own = []): bool
    {
        $plain = preg_replace('/[^\p{L}\p{N}]/u', '', mb_strtolower($password)) ?? '';
        if (mb_strlen($plain) < self::LEAST || \count(array_unique(mb_str_split($plain))) < 5 || self::isRow($plain)) {
            return true;
        }
        $known = self::list();
        foreach ($own as $words) {
            foreach (preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($words)) ?: [] as $word) {
                $known[self::fingerprint($word)] = true;
            }
        }
        $isKnown = static fn(string $word): bool => isset($known[self::fingerprint($word)]);
        foreach (array_unique([$plain, preg_replace(self::TAIL, '', $plain) ?? '']) as $core) {
            for ($at = self::LEAST; $at <= \strlen($core); ++$at) {
                $rest = substr($core, $at);
                if ($isKnown(substr($core, 0, $at)) && ($rest === '' || $isKnown($rest))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Rows of keys and of the alphabet, there and back, one after the other. */
    private static function isRow(string $plain): bool
    {
        $steps = 0;
        for ($at = 1; $at < \strlen($plain); ++$at) {
            $pair = substr($plain, $at - 1, 2);
            foreach (self::ROWS as $row) {
                if (str_contains($row, $pair) || str_contains(strrev($row), $pair)) {
                    ++$steps;
                    break;
                }
            }
        }

        return $steps >= 0.75 * (\strlen($plain) - 1);
    }

    /** As the list has it: nobody's words stand in it to be read. */
    private static function fingerprint(string $word): string
    {
        return substr(hash('sha256', $word), 0, 12);
    }

    /** @return array<array-key, true> by fingerprint */
    private static function list(): array
    {
        $lines = file(database_path('data/common-passwords.sha256'), \FILE_IGNORE_NEW_LINES);

        return array_fill_keys($lines === false ? [] : $lines, true);
    }
}
