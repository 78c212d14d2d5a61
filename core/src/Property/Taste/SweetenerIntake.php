<?php

declare(strict_types=1);

namespace Transmuta\Property\Taste;

use Transmuta\Property\DishReading;
use Transmuta\Provenance\Mark;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Composition;
use Transmuta\Shelf\Ingredient;

/**
 * High-potency sweeteners and erythritol as regulators count them: steviol glycosides as steviol, the others by their own weight. Daily guides are
 * per kg of body weight (EFSA, published), the most a dessert may hold in the EU and UK from memory; both in `reference/sweetener-limits.csv`.
 */
final class SweetenerIntake
{
    private const GUIDE = 'guide ';
    private const MOST = 'most ';
    private const STEVIOL = 'steviol ';
    private const AS_STEVIOL = 'steviol';

    /**
     * mg in one portion against the day's guide, for everything it holds that has one.
     *
     * @return array<string, array{mg: float, guide: float, adult: float, child: float}> by sweetener: mg a portion, mg per kg body weight, shares of the guide
     */
    public static function ofPortion(DishReading $dish, Reference $reference): array
    {
        $mg = [];
        foreach ($dish->layers as $layer) {
            foreach (self::counted($layer->state->parts, $reference) as $what => $per100) {
                $mg[$what] = ($mg[$what] ?? 0.0) + $per100 * $layer->state->mass / 100 / $dish->formula->portions;
            }
        }
        $found = [];
        foreach ($mg as $what => $amount) {
            $guide = $reference->sweetenerLimits[self::GUIDE . $what] ?? null;
            if ($guide !== null && $amount > 0.0) {
                $found[$what] = ['mg' => $amount, 'guide' => $guide, 'adult' => $amount / ($guide * Figure::BodyAdult->number()), 'child' => $amount / ($guide * Figure::BodyChild->number())];
            }
        }

        return $found;
    }

    /**
     * mg per kg of the dish where it is over what a dessert may hold in the EU and UK.
     *
     * @return array<string, array{mg_kg: float, most: float}> by sweetener
     */
    public static function overMost(DishReading $dish, Reference $reference): array
    {
        $mass = $dish->mass();
        $over = [];
        foreach (self::ofPortion($dish, $reference) as $what => $one) {
            $most = $reference->sweetenerLimits[self::MOST . $what] ?? null;
            $perKg = $mass > 0.0 ? $one['mg'] * $dish->formula->portions / $mass * 1000 : 0.0;
            if ($most !== null && $perKg > $most * 1.005) {
                $over[$what] = ['mg_kg' => $perKg, 'most' => $most];
            }
        }

        return $over;
    }

    /** The most of an ingredient that keeps a layer under what a dessert may hold in the EU and UK, g per 100 g; null where nothing in it is limited. */
    public static function mostOf(Composition $of, Reference $reference): ?float
    {
        $most = null;
        foreach (self::counted($of->parts, $reference) as $what => $per100) {
            $limit = $reference->sweetenerLimits[self::MOST . $what] ?? null;
            if ($limit !== null && $per100 > 0.0) {
                // mg per kg of the layer at 1 g per 100 g is a tenth of the mg in 100 g of the ingredient.
                $most = min($most ?? INF, $limit / ($per100 / 10));
            }
        }

        return $most;
    }

    /** mg in one gram of an ingredient, of what is counted by this name. */
    public static function perGram(Ingredient $in, string $what, Reference $reference): float
    {
        return (self::counted($in->composition->parts, $reference)[$what] ?? 0.0) / 100;
    }

    /** The name it is told by. */
    public static function words(string $what): string
    {
        return $what === self::AS_STEVIOL ? 'steviol glycosides, counted as steviol' : $what;
    }

    /** Where the daily guide comes from: published, or recalled and told so. */
    public static function guideSource(string $what, Reference $reference): string
    {
        $source = $reference->sourceOf('sweetener-limits', self::GUIDE . $what);

        return $source?->mark === Mark::Published ? (str_starts_with($source->source, 'SCF') ? 'SCF' : 'EFSA') : 'recalled';
    }

    /**
     * @param array<string, float> $parts per 100 g
     *
     * @return array<string, float> mg per 100 g, by what it is counted as
     */
    private static function counted(array $parts, Reference $reference): array
    {
        $mg = isset($parts['polyol.erythritol']) ? ['erythritol' => 1000 * $parts['polyol.erythritol']] : [];
        foreach ($parts as $part => $amount) {
            if (str_starts_with($part, 'active.')) {
                $species = substr($part, 7);
                $share = $reference->sweetenerLimits[self::STEVIOL . $species] ?? null;
                $as = $share === null ? $species : self::AS_STEVIOL;
                $mg[$as] = ($mg[$as] ?? 0.0) + $amount * ($share ?? 1.0);
            }
        }

        return $mg;
    }
}
