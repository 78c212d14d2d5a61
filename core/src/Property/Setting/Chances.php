<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

use Transmuta\Statistics\Normal;

/**
 * How likely each step of the ladder is, where the model says one: its place is normal about what is foretold, as wide as a kitchen's repeats and as
 * kitchens differ (practice: sensory 8: σ 0.35 steps, τ 0.25 of each mechanism's factor, common practice). Until a kitchen's own trials narrow it.
 */
final class Chances
{
    /** @return non-empty-list<float> seven, pours to hard; they sum to 1 */
    public static function of(SetReading $set): array
    {
        $u = Ladder::coordinate($set->ge);
        $sd = self::spread($set);
        $chances = [];
        $below = 0.0;
        foreach (array_keys(Ladder::EDGES) as $step) {
            $to = Normal::below(($step + 1 - $u) / $sd);
            $chances[] = $to - $below;
            $below = $to;
        }
        $chances[] = 1.0 - $below;

        return $chances;
    }

    /** How likely it comes out within a step, up or down, of a GE that is aimed at. */
    public static function near(SetReading $set, float $aimed): float
    {
        $off = Ladder::coordinate($aimed) - Ladder::coordinate($set->ge);

        return self::within($off, self::spread($set));
    }

    /** Chance to come within a step of a place so many steps away. */
    public static function within(float $off, float $sd): float
    {
        return Normal::below(($off + 1.0) / $sd) - Normal::below(($off - 1.0) / $sd);
    }

    /** Steps of one standard deviation. */
    public static function spread(SetReading $set): float
    {
        return Spread::of($set->ge, $set->mechanisms, $set->strengths, $set->unsure);
    }
}
