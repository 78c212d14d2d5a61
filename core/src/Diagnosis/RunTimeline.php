<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Reference\Figure;

/** What a run's own record says of a layer's making: the highest it was read at, how long it boiled, how warm it was poured, what its core came to, how long it has been cold. */
final class RunTimeline
{
    private const POUR_KINDS = ['fill', 'lay_in'];

    private const COLD_KINDS = ['chill', 'freeze'];

    /**
     * @param list<array{kind: string, seconds: float, celsius: ?float, what: string}> $said in order: the kind of the step, seconds since the run began, and a temperature or what happened (done)
     *
     * @return array<string, bool|float> facts as {@see RunFacts::read} takes them
     */
    public static function facts(array $said, float $now): array
    {
        $facts = [];
        $boil = 0.0;
        $before = null;
        foreach ($said as $one) {
            $celsius = $one['celsius'];
            if ($celsius === null) {
                if ($one['what'] === 'done') {
                    $before = null;
                }
                continue;
            }
            if (\in_array($one['kind'], self::COLD_KINDS, true)) {
                $facts['core_c'] = $celsius;
                if ($celsius <= Figure::RunCold->number() && !isset($facts['cold_h'])) {
                    $facts['cold_h'] = ($now - $one['seconds']) / 3600;
                }
            } else {
                $facts['t_max_c'] = max($facts['t_max_c'] ?? -\INF, $celsius);
                if ($before !== null && $before['celsius'] >= Figure::RunBoils->number() && $celsius >= Figure::RunBoils->number()) {
                    $boil += ($one['seconds'] - $before['seconds']) / 60;
                }
                if (\in_array($one['kind'], self::POUR_KINDS, true)) {
                    $facts['pour_c'] = $celsius;
                }
                if ($one['kind'] === 'fold') {
                    $facts['fold_c'] = $celsius;
                }
                if ($one['kind'] === 'bake') {
                    // In an oven the probe stands in the middle.
                    $facts['core_c'] = max($facts['core_c'] ?? -\INF, $celsius);
                }
            }
            $before = ['celsius' => $celsius, 'seconds' => $one['seconds']];
        }
        if (isset($facts['t_max_c']) && $facts['t_max_c'] >= Figure::RunBoils->number()) {
            $facts['boil_min'] = $boil;
        }

        return $facts;
    }
}
