<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Property\Look\Browning;
use Transmuta\Property\Look\Colour;
use Transmuta\Property\Structure\Base;

/** What each line of a layer provides: found by taking the line away and reading the layer again. */
final class LineJobs
{
    /** The least part of a layer's set, 0…1, for which the mechanism it comes by is told. */
    private const TOLD = 0.05;

    /**
     * Shares 0…1 by line: of the set (a base's firm fat), sweetness, fat and its firmness at service, water binding (what lowers water activity),
     * acid, air, protein, colour and browning; and by what mechanisms the line sets, as a share of the whole set.
     *
     * @return array{shares: list<array<string, float>>, set_by: list<array<string, float>>}
     */
    public static function of(LayerState $state, Models $models, float $serveAt): array
    {
        $isBase = Base::is($state);
        $whole = self::measured($state, $models, $serveAt);
        $sets = self::mechanisms($state, $models, $serveAt, $isBase);
        $set = array_sum($sets);
        $share = static fn(float $all, float $rest): float => $all > 1e-6 ? max(0.0, min(1.0, ($all - $rest) / $all)) : 0.0;
        $shares = $setBy = [];
        $colours = $isBase ? [] : Colour::shares($state);
        foreach (array_keys($state->grams) as $i) {
            $without = $state->without($i);
            $rest = self::measured($without, $models, $serveAt);
            $left = self::mechanisms($without, $models, $serveAt, $isBase);
            $own = ['set' => $share($set, array_sum($left))];
            foreach ($whole as $job => $all) {
                $own[$job] = $share($all, $rest[$job]);
            }
            $shares[] = [...$own, 'colour' => $colours[$i] ?? 0.0];
            $by = [];
            foreach ($sets as $mechanism => $ge) {
                $lost = $ge - ($left[$mechanism] ?? 0.0);
                if ($set > 1e-6 && $lost > self::TOLD * $set) {
                    $by[$mechanism] = $lost / $set;
                }
            }
            arsort($by);
            $setBy[] = $by;
        }

        return ['shares' => $shares, 'set_by' => $setBy];
    }

    /**
     * What every job but colour is measured by.
     *
     * @param bool $isBase whether the whole layer is one: what is left of it without its crumb still counts as one
     *
     * @return array<string, float>
     */
    public static function measures(LayerState $state, Models $models, float $serveAt, bool $isBase): array
    {
        return ['set' => array_sum(self::mechanisms($state, $models, $serveAt, $isBase)), ...self::measured($state, $models, $serveAt)];
    }

    /** @return array<string, float> a base holds by its firm fat, and every other layer by its GE */
    private static function mechanisms(LayerState $state, Models $models, float $serveAt, bool $isBase): array
    {
        return $isBase ? ['fat' => $models->fat->solid($state, $serveAt)] : $models->set->mechanisms($state, $serveAt);
    }

    /** @return array<string, float> */
    private static function measured(LayerState $state, Models $models, float $serveAt): array
    {
        return [
            'sweet' => $models->sweetness->se($state),
            'fat' => $state->fat,
            'acid' => $state->sharpAcid(),
            'air' => $models->air->volume($state),
            'protein' => $state->protein,
            'firm' => $models->fat->weightedSolid($state, $serveAt),
            'water' => 1.0 - $models->waterActivity->aw($state),
            'brown' => Browning::of($state),
        ];
    }
}
