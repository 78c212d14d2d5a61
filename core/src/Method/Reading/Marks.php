<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Formula\Oven;
use Transmuta\Intake\HeatWords;
use Transmuta\Intake\Numbers;
use Transmuta\Method\Span;

/** How hot, how long and until when a clause says. */
final class Marks
{
    private const NUMBER = '(\d+(?:[.,]\d+)?(?:\s+\d/\d)?|\d/\d|an?|one|two|three|four|five|six|eight|ten|twelve|half\s+an?|a\s+few|a\s+couple\s+of)';

    /** @return array{?float, ?Oven} °C of an oven, as a still one's, and the oven that was said */
    public static function oven(string $clause): array
    {
        $plain = mb_strtolower($clause);
        $stated = HeatWords::stated($plain);
        $of = HeatWords::oven($stated !== '' ? $stated : (string) preg_replace('~\d+(?:\s*[-–]\s*\d+)?\s*(?:hours?|h|minutes?|mins?|\')(?![\p{L}])~u', '', $plain));
        if ($of !== null) {
            return $of;
        }
        $celsius = HeatWords::heat($clause);
        if ($celsius === null && preg_match('~(?<![\d.,])(\d{2,3})(?!\s*(?:g|ml|kg|mm|cm|min|mins|minutes?|hours?|h|s|sec|%|x|×|\'|\d)\b)(?![\d.,\'])~u', $clause, $m) === 1 && (float) $m[1] >= 50.0) {
            $celsius = (float) $m[1] > 250.0 ? round(((float) $m[1] - 32) / 1.8, 1) : (float) $m[1];
        }

        return [$celsius, null];
    }

    /**
     * Stages after the first: "at 200 °C for 10 minutes, then 150 for 35".
     *
     * @return list<array{celsius: ?float, minutes: ?float}>
     */
    public static function stages(string $clause): array
    {
        $stages = [];
        foreach (\array_slice(preg_split('~(?:,|\band)?\s*\bthen\b\s*|\blower(?:ed)? to\b|\breduc(?:e|ed|ing)(?: the (?:oven|heat|temperature))? to\b~iu', $clause) ?: [], 1) as $later) {
            [$celsius] = self::oven($later);
            if ($celsius !== null) {
                $stages[] = ['celsius' => $celsius, 'minutes' => self::lasts($later)->best ?? (preg_match('~\bfor\s+(?:about\s+|another\s+|a further\s+)?(\d{1,3})\s*$~u', $later, $m) === 1 ? (float) $m[1] : null)];
            }
        }

        return $stages;
    }

    /** °C of a mass. */
    public static function mass(string $clause): ?float
    {
        $clause = (string) preg_replace('~\([^)]*\bcount\b[^)]*\)~iu', '', $clause);
        $celsius = HeatWords::heat((string) preg_replace('~\bgas\s*(?:mark\s*)?\d~iu', '', $clause));
        if ($celsius === null && preg_match('~\b(?:to|at|core|below|above|<|≤)\s*(-?\d{2,3})\b(?!\s*(?:g|ml|kg|mm|cm|min|mins|minutes?|hours?|h|s|%)\b)~u', $clause, $m) === 1 && (float) $m[1] <= 200.0) {
            return (float) $m[1];
        }

        return $celsius;
    }

    /** null where nothing is said of it. */
    public static function lasts(string $clause): ?Span
    {
        $plain = HeatWords::inMinutes(mb_strtolower(Numbers::plain($clause)));
        if (preg_match('~\b(?:or\s+)?overnight\b|\ball night\b|\bthe night before\b~u', $plain, $night) === 1) {
            // "At least six hours or overnight": both are said.
            $least = self::lasts(str_replace($night[0], '', $clause));

            return new Span($least->least ?? $least->best ?? 480.0, 720.0, 960.0);
        }
        $unit = '(hours?|hrs?|h|minutes?|mins?|min|\'|seconds?|secs?|days?)(?![\p{L}])';
        if (preg_match('~(at\s+least\s+|up\s+to\s+|about\s+|around\s+|minimum\s+|a\s+further\s+|another\s+)?' . self::NUMBER . '(?:\s*(?:-|to|or)\s*' . self::NUMBER . ')?(\s+and\s+a\s+half)?\s*' . $unit . '~u', $plain, $m) !== 1) {
            return null;
        }
        $factor = match (true) {
            str_starts_with($m[5], 'h') => 60.0,
            str_starts_with($m[5], 's') => 1 / 60,
            str_starts_with($m[5], 'd') => 1440.0,
            default => 1.0,
        };
        $first = self::number($m[2]) * $factor + ($m[4] !== '' ? 0.5 * $factor : 0.0);
        $second = $m[3] === '' ? null : self::number($m[3]) * $factor;

        return match (true) {
            $second !== null => new Span($first, ($first + $second) / 2, $second),
            str_starts_with($m[1], 'at least') || str_starts_with($m[1], 'minimum') || preg_match('~\b(?:or more|at least|minimum|or overnight)\b~u', $plain) === 1 => new Span($first, $first, null),
            str_starts_with($m[1], 'up to') => new Span(null, $first, $first),
            $m[2] === 'a few' || str_starts_with($m[2], 'a couple') => new Span(2.0 * $factor, 3.0 * $factor, 5.0 * $factor),
            default => new Span(null, $first, null),
        };
    }

    /** Until when, as it was written; '' where nothing is said. */
    public static function sign(string $clause): string
    {
        if (preg_match('~\b(?:until|till|til|so that|to the point)\b(.*)$~iu', $clause, $m) === 1 || preg_match('~\bto\s+((?:very\s+)?(?:soft|firm|stiff|medium)\s+peaks?.*)$~iu', $clause, $m) === 1) {
            return trim($m[1], ' .,;');
        }

        return '';
    }

    private static function number(string $word): float
    {
        return match (true) {
            str_starts_with($word, 'half') => 0.5,
            $word === 'a few' => 3.0,
            str_starts_with($word, 'a couple') => 2.0,
            default => Numbers::take($word)['value'] ?? 1.0,
        };
    }
}
