<?php

declare(strict_types=1);

namespace Transmuta\Quantity;

/** Steps in which a kitchen weighs, from what a hand likes best to what its scale shows. */
enum KitchenWeights
{
    /** 5 g from 100 g on, 1 g from 10, 0.5 from 1, 0.05 from 0.3; less is weighed on the small scale, in 0.01. */
    case ByHand;

    /** 1 g from 20 g on, 0.1 from 1, and below as by hand. */
    case Careful;

    /** What the scale shows ({@see Scale}). */
    case ByTheScale;

    /** The step at a weight, g. */
    public function step(float $grams): float
    {
        return match ($this) {
            self::ByHand => $grams >= 100.0 ? 5.0 : ($grams >= 10.0 ? 1.0 : ($grams >= 1.0 ? 0.5 : self::small($grams))),
            self::Careful => $grams >= 20.0 ? 1.0 : ($grams >= 1.0 ? 0.1 : self::small($grams)),
            self::ByTheScale => $grams >= 1.0 ? 0.1 : 0.01,
        };
    }

    /** Under a gram: high-intensity sweeteners and gums, of which a twentieth of a gram is too much to be off from a third of one down. */
    private static function small(float $grams): float
    {
        return $grams >= 0.3 ? 0.05 : 0.01;
    }

    /** The nearest weight in these steps, g; what is under half of the least step is as the scale shows it, for it is weighed as a solution. */
    public function nearest(float $grams): float
    {
        $step = $this->step($grams);
        $rounded = round(round($grams / $step) * $step, 2);

        return $rounded > 0.0 ? $rounded : Scale::shown($grams);
    }

    /** The weight a step beside one, g. */
    public function beside(float $grams, int $steps): float
    {
        return max(0.0, round($grams + $steps * $this->step($grams), 2));
    }
}
