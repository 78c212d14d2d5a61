<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Formula\Tin;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * The middle of a layer that is baked for a stated time in a stated oven, °C: conduction through its thickness with the film of still hot air, never over
 * the 99 °C of what is wet. A guide: a water bath, a crowded oven and a cold mass all make it less.
 */
final class BakedCore
{
    private const ROOM = 20.0;

    /** Thinnest slab that is looked at, mm. */
    private const THIN = 4.0;

    /** Null where it is not baked, or nobody has said how long. */
    public static function of(LayerReading $layer, float $heightMm, ?Tin $vessel, Reference $reference): ?float
    {
        $treatment = $layer->layer->treatment;
        $bake = $treatment->step(TreatmentKind::Bake);
        if ($bake === null || $bake->minutes === null) {
            return null;
        }
        $starts = self::ROOM;
        foreach ($treatment->steps as $step) {
            if ($step === $bake) {
                break;
            }
            $starts = max($starts, $step->leavesAt());
        }
        $warming = Cooling::of([['thermal' => $layer->thermal, 'height' => max(self::THIN, $heightMm)]], $vessel, $starts, $reference, 'oven', null, $bake->oven());

        return min(Figure::BakedWetMiddle->number(), $warming->core($bake->minutes / 60));
    }
}
