<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Formula\Line;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Shelf;

/** Eggs by size and part; "large" differs by country. */
final class Eggs
{
    /** "4 large egg yolks", "2 eggs", "whites of 3 eggs". */
    public static function line(Shelf $shelf, string $text, string $rest, float $count, bool $range, UnitSystem $system, int $number): ?Line
    {
        if (!preg_match('/^(?:(small|medium|large|extra[- ]large|jumbo)\s+)?(?:(?:fresh|free[- ]range|whole|cold)\s+)*(?:(egg yolk|egg white|yolk|white|egg)s?)\b(?!\s*powder)/u', $rest, $m)) {
            return null;
        }
        $size = str_replace(' ', '-', $m[1] ?: 'large');
        $key = \sprintf('each:%s-%s', $system->eggPrefix(), $size);
        $whole = $shelf->get('egg')->units[$key] ?? $shelf->get('egg')->units['each:' . $system->eggPrefix() . '-extra-large'];
        [$id, $share] = match (true) {
            str_contains($m[2], 'yolk') => ['egg-yolk', 0.34],
            str_contains($m[2], 'white') => ['egg-white', 0.66],
            default => ['egg', 1.0],
        };
        $each = $whole * $share;
        $trace = \sprintf('%s × %s g (%s %s%s) = %s g', Numbers::words($count), Numbers::words($each), strtoupper($system->eggPrefix()), $size, $share < 1.0 ? \sprintf(', %d %% of the egg', $share * 100) : '', Numbers::words($count * $each));

        return Line::of($id, round($count * $each, 2), $text, $trace, $m[1] === '' || $range ? Confidence::Likely : Confidence::Sure, Preparation::of($rest), false, $number);
    }
}
