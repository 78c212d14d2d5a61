<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Property\Setting\Ladder;
use Transmuta\Reference\Figure;

/**
 * Cures that are computed from this layer's own mass and numbers (common practice: faults): g of what is added, how hot, into what. A cure
 * the dish's diets do not allow is not offered.
 */
final class Cures
{
    /** By which cause which is computed. */
    private const OF = [
        'gelatin_no_set 2' => 'gelatin', 'gelatin_no_set 3' => 'gelatin', 'agar_weak 1' => 'agar', 'agar_weak 2' => 'agar', 'agar_weak 4' => 'agar', 'too_soft 3' => 'set', 'thinned 1' => 'starch', 'thinned 2' => 'starch', 'raw_starch 1' => 'reboil',
        'rubbery 1' => 'thin', 'rubbery 3' => 'thin', 'split 2' => 'water', 'too_sharp 1' => 'sweeter', 'sandy 1' => 'polyol',
    ];

    private const RATIO = 20.0;

    /** @return list<Cure> */
    public static function now(string $fault, int $row, Measured $at): array
    {
        return match (self::OF["$fault $row"] ?? '') {
            'gelatin' => self::gelatin($at),
            'agar' => self::agar($at),
            'starch' => self::starch($at),
            'set' => [...($at->value('in_gelatin') > 0.0 ? self::gelatin($at) : []), ...($at->value('in_agar') > 0.0 ? self::agar($at) : [])],
            'reboil' => [new Cure('Boil all of it again with the water it lost, 2 min at 95 °C or more.', celsius: 95.0)],
            'thin' => self::thin($at),
            'water' => self::water($at),
            'sweeter' => self::sweeter($at),
            'polyol' => self::polyol($at),
            default => [],
        };
    }

    /**
     * Half of what the gelatin was to do, anew: R1.
     *
     * @return list<Cure>
     */
    private static function gelatin(Measured $at): array
    {
        $layer = $at->layer();
        $missing = 0.5 * ($layer->set->mechanisms['gelatin'] ?? 0.0);
        if ($missing < 0.05) {
            return [];
        }
        $grams = $at->doseFor('gelatin', $missing);
        if ($grams === null || !self::isPractical('gelatin', $at->value('in_gelatin'), $grams, $layer->state->mass)) {
            return [];
        }

        return [new Cure(\sprintf('Swell %.1f g gelatin (200 bloom) in %.0f g cold water, warm a fifth of the layer to 40 °C, melt it in, join all of it at 25 °C or more and fill anew.', $grams, 5 * $grams), self::added('gelatin'), $grams, 40.0)];
    }

    /**
     * What the agar was to do, anew, boiled in liquid of the layer: R2.
     *
     * @return list<Cure>
     */
    private static function agar(Measured $at): array
    {
        $layer = $at->layer();
        $ge = $layer->set->mechanisms['agar'] ?? 0.0;
        if ($ge < 0.05) {
            // It was never boiled, so nothing is foretold of it: what is there, boiled, is enough.
            return [new Cure('Bring all of it to a full boil and hold it 2 min, whisking; lose under 3 %.', celsius: 100.0)];
        }
        $grams = $at->doseFor('agar', $ge);
        if ($grams === null) {
            return [];
        }
        // Boiled in acid it is spoilt again: in new water, which is counted in.
        $isSharp = ($at->value('ph') ?? 7.0) < 4.2;
        if ($isSharp) {
            $grams *= ($layer->state->mass + 40 * $grams) / $layer->state->mass;
        }

        if (!self::isPractical('agar', 0.0, $grams, $layer->state->mass)) {
            return [];
        }

        return [new Cure(\sprintf('Boil %.1f g agar powder 2 min in %.0f g ' . ($isSharp ? 'new water or plant milk (the layer is too sharp to boil it in, and grows by as much)' : 'liquid taken from the layer') . ', join it to the rest at 45 °C or more, pour and leave still.', $grams, 40 * $grams), self::added('agar'), $grams, 45.0)];
    }

    /**
     * What the starch has lost by half, as a slurry, boiled: R3.
     *
     * @return list<Cure>
     */
    private static function starch(Measured $at): array
    {
        $layer = $at->layer();
        $ge = $layer->set->mechanisms['starch'] ?? 0.0;
        if ($ge < 0.05) {
            return [];
        }
        [$all, $half] = [$at->doseFor('starch', $ge), $at->doseFor('starch', $ge / 2)];
        // Corn starch as it is weighed holds some water.
        $grams = $all === null || $half === null ? 0.0 : ($all - $half) * 100 / Figure::CornStarchStarch->number();
        if ($grams <= 0.0 || !self::isPractical('starch', $at->value('starch'), $grams, $layer->state->mass)) {
            return [];
        }

        return [new Cure(\sprintf('Stir %.0f g cornflour into %.0f g of the cold layer, then boil all of it 2 min.', $grams, 3 * $grams), self::added('starch'), $grams, 95.0)];
    }

    /**
     * Down to the middle of a clean slice: R4.
     *
     * @return list<Cure>
     */
    private static function thin(Measured $at): array
    {
        $layer = $at->layer();
        $wanted = Ladder::ge(5.5);
        if ($layer->set->ge <= $wanted) {
            return [];
        }
        $grams = $layer->state->mass * ($layer->set->ge / $wanted - 1.0);

        return [new Cure(\sprintf('Melt or blend it with %.0f g of its own liquid and set it again.', $grams), grams: $grams)];
    }

    /**
     * R10, blended in a thread.
     *
     * @return list<Cure>
     */
    private static function water(Measured $at): array
    {
        $state = $at->layer()->state;
        $grams = max(0.05 * $state->mass, 0.82 * $state->mass * $state->fat / 100 - $state->mass * $state->water / 100);

        return [new Cure(\sprintf('Blend in %.0f g milk or plant milk at 40–45 °C, in a thread.', $grams), grams: $grams, celsius: 42.0)];
    }

    /**
     * R7 with sucrose, to the ratio that is not too sharp.
     *
     * @return list<Cure>
     */
    private static function sweeter(Measured $at): array
    {
        $layer = $at->layer();
        $wanted = self::RATIO * $layer->acidCitric;
        if ($wanted <= $layer->se || $wanted >= 60.0) {
            return [];
        }
        $grams = $layer->state->mass * ($wanted - $layer->se) / (100 - $wanted);

        return [new Cure(\sprintf('Stir in %.0f g sugar, or what is as sweet by the dish’s diet, where it still dissolves.', $grams), self::added('sweeter'), $grams)];
    }

    /**
     * R9: what cold water holds stays, the rest is to go.
     *
     * @return list<Cure>
     */
    private static function polyol(Measured $at): array
    {
        $layer = $at->layer();
        $worst = null;
        foreach ($layer->crystals as $id => $crystal) {
            $over = $layer->state->mass * $crystal['grams'] / 100 - $crystal['most_g'];
            if ($crystal['over'] && $crystal['kind'] !== 'sugar' && $over > 0.0 && ($worst === null || $over > $worst['grams'])) {
                $worst = ['id' => $id, 'grams' => $over, 'most' => $crystal['most_g']];
            }
        }

        return $worst === null ? [] : [new Cure(\sprintf('Warm it to 45 °C, blend and serve today. Next time at most %.0f g of it stays (%.0f g less); allulose or a second polyol under its own limit takes the rest of the sweetness.', $worst['most'], $worst['grams']), celsius: 45.0)];
    }

    /**
     * Whether what is there and what would be put in come to a dose that somebody would eat (`core/data/faults/practical.csv`).
     *
     * @param ?float $there g in 100 g of the layer
     */
    private static function isPractical(string $agent, ?float $there, float $grams, float $mass): bool
    {
        return $mass > 0.0 && ($there ?? 0.0) + 100 * $grams / $mass <= FaultBook::standard()->practical[$agent];
    }

    private static function added(string $rescue): string
    {
        return FaultBook::standard()->rescues[$rescue];
    }
}
