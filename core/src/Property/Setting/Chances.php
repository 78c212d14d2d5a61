<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

use Transmuta\Statistics\Normal;

/**
 * How likely each step of the ladder is, where the model says one: its place is normal about what is foretold, as wide as a kitchen's repeats and as
 * kitchens differ (handbook sensory 8: σ 0.35 steps, τ 0.25 of each mechanism's factor [trade]). Until a kitchen's own trials narrow it.
 */
final class Chances
{
    private const REPEAT = 0.35;

    /** Spread of kitchens, as ln of a factor (95 % within × or ÷ 1.63) [trade]. */
    public const KITCHENS = 0.25;

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

    /** Steps of one standard deviation. */
    public static function spread(SetReading $set): float
    {
        $slope = Ladder::slope($set->ge);

        return sqrt(self::REPEAT ** 2 + array_sum(array_map(static fn(float $ge): float => (self::KITCHENS * $slope * $ge) ** 2, $set->mechanisms)));
    }
}
