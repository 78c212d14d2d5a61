<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Property\DryStructure;
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
        $row = static function (Job|string $job, float $target, float $now, ?string $unit = null) use (&$rows): void {
            $name = $job instanceof Job ? $job->value : $job;
            $tolerance = JobTable::tolerance($name, $target, $now > $target);
            $rows[] = [$name, $unit ?? JobTable::unit($name), $target, $now, $tolerance, ($now - $target) / $tolerance];
        };
        $ladder = static function (Job $job, float $place, float $ge) use (&$rows): void {
            $tolerance = JobTable::tolerance($job->value, $place);
            $rows[] = [$job->value, 'GE %', Ladder::ge($place), $ge, $tolerance, (Ladder::coordinate($ge) - $place) / $tolerance];
        };
        if ($t->set !== null) {
            $ladder(Job::Set, $t->set, $reader->set->ge($state, $this->serveAt));
        }
        if ($t->setWarm !== null) {
            $ladder(Job::SetWarm, $t->setWarm, $reader->set->ge($state, Reader::ROOM));
        }
        $row(Job::Sweetness, $t->se, $reader->sweetness->se($state));
        $acid = $state->sharpAcid();
        if ($solving || $t->acid > 0.02 || $acid > 0.02) {
            $row(Job::Acid, $t->acid, $acid);
        }
        $ph = $reader->acidity->ph($state);
        if ($t->ph !== null && $t->set !== null && ($solving || $ph !== null)) {
            $row('pH', $t->ph, $ph ?? $t->ph);
        }
        $row(Job::Fat, $t->fat, $state->fat);
        $row(Job::FirmFat, $t->weightedSolid, $reader->fat->weightedSolid($state, $this->serveAt));
        $row(Job::Water, $t->water, $state->water);
        $row(Job::SugarBody, $t->bulk, $state->bulk());
        $row(Job::Protein, $t->protein, $state->protein);
        if ($t->air > 0.05) {
            $row(Job::Air, $t->air * 100, $reader->air->share($state) * 100);
        }
        if ($t->dry !== null) {
            $row(Job::DryStructure, $t->dry, DryStructure::of($state));
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
