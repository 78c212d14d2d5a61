<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Property\Structure\DryStructure;

/** The property rows of the optimisation (practice: reformulating), one per property: what is compared, and in what tolerance. */
final readonly class Rails
{
    /** Weight of what makes or breaks a layer, and of what the brief itself moves, against a property like any other. */
    private const CRITICAL = 2.0;
    private const SLACK = 0.2;

    /** Places on the ladder under and over which a difference is none to a spoon. */
    private const POURS = 0.8;
    private const HARD = 7.2;

    /** Place from which something holds on a spoon. */
    private const HOLDS = 2.0;

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

    /**
     * Residuals in tolerances, the same rows for every weighing; what makes or breaks the layer weighs more, what the brief moves weighs less.
     *
     * @param list<Job> $slack jobs that the brief itself moves
     *
     * @return list<float>
     */
    public function residuals(LayerState $state, array $slack = []): array
    {
        $residuals = [];
        foreach ($this->rows($state, true) as $row) {
            $job = Job::tryFrom($row[0]);
            $residuals[] = $row[5] * match (true) {
                $job !== null && \in_array($job, $slack, true) => self::SLACK,
                $job === Job::Sweetness, $job === Job::Set, $job === Job::Emulsion => self::CRITICAL,
                // A base that is wet is a paste.
                $job === Job::Water && $this->target->dry !== null => self::CRITICAL,
                default => 1.0,
            };
        }

        return $residuals;
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
        // It is solved for as sweet as it was; how far off it may be is another matter.
        $spare = $solving ? 1.0 : $t->sweetSpare;
        $row = static function (Job|string $job, float $target, float $now, ?string $unit = null) use (&$rows, $solving, $spare): void {
            $name = $job instanceof Job ? $job->value : $job;
            $tolerance = JobTable::tolerance($name, $target, $now > $target) * ($job === Job::Sweetness ? $spare : 1.0);
            // Nobody reads a unit while it is solved.
            $rows[] = [$name, $solving ? '' : $unit ?? JobTable::unit($name), $target, $now, $tolerance, ($now - $target) / $tolerance];
        };
        $ladder = static function (Job $job, float $place, float $ge) use (&$rows, $solving, $t): void {
            $isSofter = !$solving && Ladder::coordinate($ge) < $place && Ladder::coordinate($ge) >= self::HOLDS;
            $tolerance = JobTable::tolerance($job->value, $place) * ($isSofter ? $t->setSpare : 1.0);
            // What is to pour cannot pour otherwise, and hard is hard. What coats a spoon and then pours has lost its set; further up the ladder that is told by any figure.
            $least = $place >= 1.0 && $place < 2.0 ? 0.0 : self::POURS;
            $held = static fn(float $at): float => max($least, min(self::HARD, $at));
            $rows[] = [$job->value, 'GE %', Ladder::ge($place), $ge, $tolerance, ($held(Ladder::coordinate($ge)) - $held($place)) / $tolerance];
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
        if ($t->unheld !== null) {
            // What the original left unheld it may leave too; holding more is no fault.
            $unheld = $reader->emulsion->unheld($state);
            $tolerance = JobTable::tolerance(Job::Emulsion->value, $t->unheld);
            $over = $unheld - $t->unheld;
            $rows[] = [Job::Emulsion->value, JobTable::unit(Job::Emulsion->value), $t->unheld, $unheld, $tolerance, ($solving ? Smooth::positive($over, 0.02) : max(0.0, $over)) / $tolerance];
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
