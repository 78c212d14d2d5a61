<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Property\Ladder;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;

/** The property rows of the optimisation (handbook §10), one per property: what is compared, and in what tolerance. */
final readonly class Rails
{
    public function __construct(private Reader $reader, private Target $target, private float $serveAt) {}

    /** @return list<Rail> */
    public function of(LayerState $state): array
    {
        return array_map(function (array $row): Rail {
            [$property, $unit, $target, $now, $tolerance, $residual] = $row;
            if (!str_starts_with($property, 'set')) {
                return new Rail($property, $unit, $target, $now, $tolerance, $residual);
            }
            $place = Ladder::coordinate($now);

            return new Rail($property, $unit, $target, $now, $tolerance, $residual, Ladder::word($target), Ladder::word($now), $property === 'set' ? Ladder::ge($place - 1.0) : null, $property === 'set' ? Ladder::ge($place + 1.0) : null);
        }, $this->rows($state, false));
    }

    /** @return list<float> residuals in tolerances, the same rows for every weighing */
    public function residuals(LayerState $state): array
    {
        return array_column($this->rows($state, true), 5);
    }

    /**
     * @param bool $solving whether every weighing must give the same rows, even those that have nothing to show
     *
     * @return list<array{string, string, float, float, float, float}> property, unit, target, now, tolerance, residual
     */
    private function rows(LayerState $state, bool $solving): array
    {
        $t = $this->target;
        $reader = $this->reader;
        $rows = [];
        if ($t->set !== null) {
            $ge = $reader->set->ge($state, $this->serveAt);
            $rows[] = ['set', 'GE %', Ladder::ge($t->set), $ge, 0.25, (Ladder::coordinate($ge) - $t->set) / 0.25];
        }
        if ($t->setWarm !== null) {
            $ge = $reader->set->ge($state, Reader::ROOM);
            $rows[] = ['set at 20 °C', 'GE %', Ladder::ge($t->setWarm), $ge, 0.6, (Ladder::coordinate($ge) - $t->setWarm) / 0.6];
        }
        $row = static function (string $property, string $unit, float $target, float $now, float $tolerance) use (&$rows): void {
            $rows[] = [$property, $unit, $target, $now, $tolerance, ($now - $target) / $tolerance];
        };
        $row('sweetness', 'SE', $t->se, $reader->sweetness->se($state), max(0.5, 0.05 * $t->se));
        $acid = $state->sharpAcid();
        if ($solving || $t->acid > 0.02 || $acid > 0.02) {
            $row('acid', '%', $t->acid, $acid, max(0.08, 0.10 * $t->acid));
        }
        $ph = $reader->acidity->ph($state);
        if ($t->ph !== null && $t->set !== null && ($solving || $ph !== null)) {
            $row('pH', '', $t->ph, $ph ?? $t->ph, 1.2);
        }
        $row('fat', '%', $t->fat, $state->fat, 3.0);
        $row('firm fat', '%', $t->weightedSolid, $reader->fat->weightedSolid($state, $this->serveAt), 3.0);
        $row('water', '%', $t->water, $state->water, 4.0);
        $row('sugar body', '%', $t->bulk, $state->bulk(), 6.0);
        $row('protein', '%', $t->protein, $state->protein, $state->protein < $t->protein ? 3.0 : 6.0);
        if ($t->air > 0.05) {
            $air = $reader->air->share($state);
            // Short of air is flat; too much of it overfills the tin.
            $row('air', '% of volume', $t->air * 100, $air * 100, $air < $t->air ? 5.0 : 8.0);
        }

        return $rows;
    }

    /**
     * Fit 0…100 from property rows only.
     *
     * @param list<Rail> $rails
     */
    public static function fit(array $rails): float
    {
        return $rails === [] ? 100.0 : 100.0 * array_sum(array_map(static fn(Rail $r): float => $r->score(), $rails)) / \count($rails);
    }
}
