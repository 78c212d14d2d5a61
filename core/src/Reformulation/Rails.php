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

    /**
     * @param bool $solving whether every weighing must give the same rows, even those that have nothing to show
     *
     * @return list<Rail>
     */
    public function of(LayerState $state, bool $solving = false): array
    {
        $t = $this->target;
        $reader = $this->reader;
        $se = $reader->sweetness->se($state);
        $seTolerance = max(0.5, 0.05 * $t->se);
        $rails = [];
        if ($t->set !== null) {
            $ge = $reader->set->ge($state, $this->serveAt);
            $place = Ladder::coordinate($ge);
            $rails[] = new Rail('set', 'GE %', Ladder::ge($t->set), $ge, 0.25, ($place - $t->set) / 0.25, Ladder::word(Ladder::ge($t->set)), Ladder::word($ge), Ladder::ge($place - 1.0), Ladder::ge($place + 1.0));
        }
        if ($t->setWarm !== null) {
            $ge = $reader->set->ge($state, Reader::ROOM);
            $rails[] = new Rail('set at 20 °C', 'GE %', Ladder::ge($t->setWarm), $ge, 0.6, (Ladder::coordinate($ge) - $t->setWarm) / 0.6, Ladder::word(Ladder::ge($t->setWarm)), Ladder::word($ge));
        }
        $rails[] = new Rail('sweetness', 'SE', $t->se, $se, $seTolerance, ($se - $t->se) / $seTolerance);
        $acid = $state->sharpAcid();
        if ($solving || $t->acid > 0.02 || $acid > 0.02) {
            $tolerance = max(0.08, 0.10 * $t->acid);
            $rails[] = new Rail('acid', '%', $t->acid, $acid, $tolerance, ($acid - $t->acid) / $tolerance);
        }
        $ph = $reader->acidity->ph($state);
        if ($t->ph !== null && $t->set !== null && ($solving || $ph !== null)) {
            $ph ??= $t->ph;
            $rails[] = new Rail('pH', '', $t->ph, $ph, 1.2, ($ph - $t->ph) / 1.2);
        }
        $rails[] = new Rail('fat', '%', $t->fat, $state->fat, 3.0, ($state->fat - $t->fat) / 3.0);
        $solid = $reader->fat->weightedSolid($state, $this->serveAt);
        $rails[] = new Rail('firm fat', '%', $t->weightedSolid, $solid, 3.0, ($solid - $t->weightedSolid) / 3.0);
        $rails[] = new Rail('water', '%', $t->water, $state->water, 4.0, ($state->water - $t->water) / 4.0);
        $bulk = $state->bulk();
        $rails[] = new Rail('sugar body', '%', $t->bulk, $bulk, 6.0, ($bulk - $t->bulk) / 6.0);
        $protein = $state->protein - $t->protein;
        $tolerance = $protein < 0.0 ? 3.0 : 6.0;
        $rails[] = new Rail('protein', '%', $t->protein, $state->protein, $tolerance, $protein / $tolerance);
        if ($t->air > 0.05) {
            $air = $reader->air->share($state);
            // Short of air is flat; too much of it overfills the tin.
            $tolerance = $air < $t->air ? 5.0 : 8.0;
            $rails[] = new Rail('air', '% of volume', $t->air * 100, $air * 100, $tolerance, ($air - $t->air) * 100 / $tolerance);
        }

        return $rails;
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
