<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

use Transmuta\Property\Heat\Cooling;
use Transmuta\Reference\Reference;

/**
 * A gelatin gel goes on firming long after it has set: about with the logarithm of time, and is full only after a night (practice: setting).
 * The other mechanisms are as firm as they get once they are cold.
 */
final readonly class Ripening
{
    /** Hours in the cold at which practitioners cut: the least, the usual, and a night. */
    public const MARKS = [3.0, 6.0, 16.0];

    /** The least part of a layer's set that gelatin gives, 0…1, for its ripening to be told. */
    private const TOLD = 0.15;

    /**
     * @param list<array{hours: float, share: float, ge: float}> $marks hours after going into the cold, share 0…1 of gelatin's full set, GE % of the layer
     * @param float $begins hours until its gelatin begins to set
     */
    private function __construct(public array $marks, public float $begins, public float $first, public float $full) {}

    /** Null where gelatin hardly sets the layer, or where it never gets cold enough. */
    public static function of(SetReading $set, Cooling $cooling, Reference $reference): ?self
    {
        $gelatin = $set->mechanisms['gelatin'] ?? 0.0;
        $begins = self::begins($cooling);
        if ($set->ge <= 0.0 || $gelatin / $set->ge < self::TOLD || $begins === null) {
            return null;
        }
        ['gelatin.first-hour' => $first, 'gelatin.full-hours' => $full] = $reference->set;

        return new self(array_map(static function (float $hours) use ($set, $gelatin, $begins, $first, $full): array {
            $share = self::share($hours - $begins, $first, $full);

            return ['hours' => $hours, 'share' => $share, 'ge' => $set->ge - $gelatin * (1.0 - $share)];
        }, self::MARKS), $begins, $first, $full);
    }

    /** Share 0…1 of its full set after some hours below its setting point: a part within the first hour, the rest along the logarithm. */
    public static function share(float $hours, float $first, float $full): float
    {
        return match (true) {
            $hours <= 0.0 => 0.0,
            $hours < 1.0 => $first * $hours,
            default => min(1.0, $first + (1.0 - $first) * log($hours) / log($full)),
        };
    }

    private static function begins(Cooling $cooling): ?float
    {
        return $cooling->firmAt === Cooling::onset(['gelatin' => 1.0]) ? $cooling->firmHours : $cooling->coreHours;
    }
}
