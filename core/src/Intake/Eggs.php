<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Nature;
use Transmuta\Shelf\Natures;
use Transmuta\Shelf\Shelf;

/** Eggs by size and part; "large" differs by country. */
final class Eggs
{
    private const BESIDE = 'fresh|free|range|organic|whole|cold|raw|hens?|beaten|lightly|well|at|room|temperature|temp|separated|large|medium|small|extra|jumbo|xl|size|sized|pasteurised|pasteurized|of|from|the|and|egg|eggs|yolk|yolks|white|whites|only|for|glaze|glazing|wash|brushing|mixed|chilled|warmed|pasture|raised|cage|barn|brown|a|whisked|divided|about|to|brush|plus|in|shell|your|best|good';

    /** The egg, yolk or white a counted phrase means; null where it means something else, such as a duck's. */
    public static function part(string $phrase): ?string
    {
        $plain = preg_replace('/[^a-z\s]/u', ' ', $phrase) ?? $phrase;
        if (preg_match('/\b(?:eggs?|yolks?|whites?)\b/u', $plain) !== 1 || preg_match('/^\s*(?:(?:' . self::BESIDE . ')\b\s*)+$/u', preg_replace('/\b[sml]\b/u', '', $plain) ?? $plain) !== 1) {
            return null;
        }

        return match (true) {
            preg_match('/\byolks?\b/u', $plain) === 1 => Natures::one(Nature::YolkCounted),
            preg_match('/\bwhites?\b/u', $plain) === 1 => Natures::one(Nature::WhiteCounted),
            preg_match('/\bpasteuri[sz]ed\b/u', $plain) === 1 => Natures::one(Nature::PasteurisedEggCounted),
            default => Natures::one(Nature::WholeEggCounted),
        };
    }

    /** The size that is meant where none is said: what most kitchens of the country buy, large where nobody has said which. */
    private static function unsized(Shelf $shelf, UnitSystem $system): string
    {
        return isset($shelf->get(Natures::one(Nature::WholeEggCounted))->units["each:{$system->eggPrefix()}-usual"]) ? 'usual' : 'large';
    }

    /** @return array{grams: float, trace: string, confidence: Confidence} */
    public static function weigh(Shelf $shelf, string $part, float $count, string $size, bool $isRange, UnitSystem $system): array
    {
        $size = match (preg_replace('/[\s-]+/', ' ', $size)) {
            'extra large', 'x large', 'xl', 'king size' => 'extra-large',
            'size s', 's', 'little' => 'small',
            'size m', 'm' => 'medium',
            'size l', 'l', 'big' => 'large',
            '' => self::unsized($shelf, $system),
            default => $size,
        };
        $units = $shelf->get(Natures::one(Nature::WholeEggCounted))->units;
        $each = $units[\sprintf('each:%s-%s', $system->eggPrefix(), $size)] ?? $units['each:' . $system->eggPrefix() . '-extra-large'];
        $share = match ($part) {
            Natures::one(Nature::YolkCounted) => Figure::EggYolkShare->number(),
            Natures::one(Nature::WhiteCounted) => Figure::EggWhiteShare->number(),
            default => 1.0,
        };
        $each *= $share;

        return [
            'grams' => round($count * $each, 2),
            'trace' => \sprintf('%s × %s g (%s %s%s) = %s g', Numbers::words($count), Numbers::words($each), strtoupper($system->eggPrefix()), $size, $share < 1.0 ? \sprintf(', %d %% of the egg', $share * 100) : '', Numbers::words($count * $each)),
            'confidence' => $isRange ? Confidence::Likely : Confidence::Sure,
        ];
    }
}
