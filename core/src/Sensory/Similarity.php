<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

use Transmuta\Reference\Figure;
use Transmuta\Statistics\Binomial;

/**
 * "Not different": claimed only against a share of tasters that was fixed before the tasting, by the exact upper limit. A difference test that shows
 * nothing proves nothing.
 */
final class Similarity
{
    /**
     * @param ?float $beta chance to claim it though as many as `share` can tell; null: as common practice has it
     *
     * @return ?int the largest count that still allows the claim; null where none does
     */
    public static function most(Method $method, int $n, float $share, ?float $beta = null): ?int
    {
        $beta ??= Figure::SimilarityBeta->number();
        $right = $method->guess() + (1 - $method->guess()) * $share;
        $most = null;
        for ($x = 0; $x <= $n && 1.0 - Binomial::atLeast($x + 1, $n, $right) <= $beta; ++$x) {
            $most = $x;
        }

        return $most;
    }

    public static function words(Method $method, int $n, int $right, float $share): string
    {
        $most = self::most($method, $n, $share);
        $percent = (int) round(100 * $share);

        return $most !== null && $right <= $most
            ? "With 95 % confidence no more than $percent % of such tasters would tell them apart ($right right of $n)."
            : ($most === null ? "So few tasters cannot show that no more than $percent % would tell them apart." : "It does not show that they are alike: for that at most $most of $n may be right, against $percent % who can tell.");
    }
}
