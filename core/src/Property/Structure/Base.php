<?php

declare(strict_types=1);

namespace Transmuta\Property\Structure;

use Transmuta\Property\Fats\Fat;
use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Nature;

/**
 * Doughs, crumbs and bases: they have a model of their own and never a GE. Firmness comes from the fat that is solid when it is
 * eaten, against the dry structure (practice: binders; butter 0.30–0.40 of the crumb is tender, 0.40–0.55 firm, above 0.6 hard and greasy).
 */
final readonly class Base
{
    public function __construct(private Fat $fat) {}

    public static function is(LayerState $state): bool
    {
        $dry = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            if ($portion->crumb || ($portion->ingredient->group === 'nut' && $state->water < 15.0)) {
                $dry += $state->share[$i];
            }
        }

        // On the very mark it is the same whatever the batch weighs: what weighing in floats moves is not looked at.
        return round($dry, 9) >= 30.0 && round($state->water, 9) < 30.0;
    }

    /** Whether it is eaten as a dry crumb, by what it is made of or because it was baked dry: grain in it is bite, and a gum only binds it. */
    public static function isDry(LayerState $state): bool
    {
        if (self::is($state)) {
            return true;
        }
        $dry = DryStructure::of($state);

        return ($state->model->treatment->bakes() && $state->water < Figure::BaseBakedDamp->number() && $dry >= Figure::BaseBakedCrumb->number()) || ($state->water < Figure::BasePressedDamp->number() && $dry >= Figure::BasePressedCrumb->number());
    }

    /** Words for how it cuts at this temperature. */
    public function words(LayerState $state, float $celsius): string
    {
        $solid = $this->fat->solid($state, $celsius);
        if ($state->model->treatment->bakes() || self::pastry($state)) {
            return $state->fat > 18.0 ? 'baked, short' : 'baked, crisp';
        }

        return match (true) {
            $solid < 8.0 => 'loose, will not hold',
            $solid < 16.5 => 'tender',
            $solid < 21.0 => 'firm',
            default => 'hard and greasy when cold',
        };
    }

    private static function pastry(LayerState $state): bool
    {
        foreach ($state->model->portions as $portion) {
            if ($portion->ingredient->is(Nature::PuffPastry)) {
                return true;
            }
        }

        return false;
    }
}
