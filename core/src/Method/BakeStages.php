<?php

declare(strict_types=1);

namespace Transmuta\Method;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;

/**
 * A bake in stages ("180 °C for 10 minutes, then 110 for 35") as the one heat and time that the models of an oven take: the minutes of all stages, at the mean of
 * their heats by time, which brings the same warmth to the middle. An oven that is turned off adds nothing.
 */
final class BakeStages
{
    /**
     * @param list<int> $layers places of layers whose treatment nobody wrote
     *
     * @return array<int, Treatment> what becomes of those that are baked in stages, by the place of the layer
     */
    public static function of(Formula $formula, Method $method, array $layers): array
    {
        $found = [];
        foreach ($layers as $n) {
            $treatment = $formula->layers[$n]->treatment;
            $bake = $treatment->step(TreatmentKind::Bake);
            $act = $bake === null ? null : self::bakeOf($method, $n);
            if ($bake === null || $act === null || $act->stages === [] || $act->celsius === null || $act->time === null) {
                continue;
            }
            $minutes = $act->time->best;
            $heat = $act->celsius * $minutes;
            foreach ($act->stages as $stage) {
                if (($stage['celsius'] ?? 0.0) > 0.0) {
                    $minutes += $stage['minutes'] ?? 0.0;
                    $heat += (float) $stage['celsius'] * ($stage['minutes'] ?? 0.0);
                }
            }
            if ($minutes > $act->time->best) {
                $found[$n] = $treatment->with(TreatmentStep::of(TreatmentKind::Bake, round($heat / $minutes), $minutes, $bake->stirred, $bake->air, staged: true));
            }
        }

        return $found;
    }

    /** The bake a layer stands in: its own, else that of what was put onto it. */
    private static function bakeOf(Method $method, int $layer): ?Act
    {
        $holds = [];
        $found = null;
        foreach ($method->acts as $n => $act) {
            $holds[$n] = [$act->layer => true];
            foreach ($act->from as $from) {
                $holds[$n] += $holds[$from] ?? [];
            }
            if ($act->operation->heats === 'oven' && $act->time !== null && isset($holds[$n][$layer])) {
                $found = $act;
            }
        }

        return $found;
    }
}
