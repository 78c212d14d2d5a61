<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;

/**
 * What every layer owed once something left, and whether it was paid: read off the finished formula, after rounding, against the original.
 * Nobody makes one but {@see of}, and no route is made without one, so that an unpaid debt cannot be dropped.
 */
final readonly class Settlement
{
    /** Under this share of what there was, nothing pays a job any more. */
    private const LOST = 0.15;

    /** A line that gives less than this share of a job is not named for it. */
    private const NAMED = 0.12;

    /** Distance beyond the tolerance at which the fit may be half at the most, in tolerances. */
    private const HALF = 1.5;

    /** @param list<Debt> $debts worst first */
    private function __construct(public RouteStanding $standing, public array $debts, public float $cap) {}

    /**
     * @param array<int, list<Rail>> $rails of each layer that was solved, by its place
     * @param bool $isKept whether nothing banned is left and every number of the brief holds
     */
    public static function of(DishReading $original, DishReading $result, array $rails, bool $isKept): self
    {
        $debts = [];
        foreach ($rails as $n => $layer) {
            foreach (self::layer($n, $original->layers[$n], $result->layers[$n], $layer) as $debt) {
                $debts[] = $debt;
            }
        }
        usort($debts, static fn(Debt $a, Debt $b): int => [$b->critical && $b->isOpen(), $b->isOpen(), $b->off] <=> [$a->critical && $a->isOpen(), $a->isOpen(), $a->off]);
        $failed = array_filter($debts, static fn(Debt $d): bool => $d->critical && $d->isOpen());
        $cap = 100.0;
        foreach ($failed as $debt) {
            $cap = min($cap, $debt->state === DebtState::Lost ? 10.0 : 100.0 / (1.0 + (($debt->off - 1.0) / self::HALF) ** 2));
        }
        $standing = match (true) {
            !$isKept => RouteStanding::Missed,
            $failed !== [] => RouteStanding::MetBut,
            default => RouteStanding::Met,
        };

        return new self($standing, $debts, $cap);
    }

    /** @return list<Debt> short or lost, worst first */
    public function open(): array
    {
        return array_values(array_filter($this->debts, static fn(Debt $d): bool => $d->isOpen()));
    }

    /** How bad the worst critical debt is, in tolerances beyond what still counts as paid. */
    public function worst(): float
    {
        return max([0.0, ...array_map(static fn(Debt $d): float => $d->critical && $d->isOpen() ? ($d->state === DebtState::Lost ? 99.0 : $d->off) : 0.0, $this->debts)]);
    }

    /**
     * @param list<Rail> $rails
     *
     * @return list<Debt>
     */
    private static function layer(int $n, LayerReading $was, LayerReading $now, array $rails): array
    {
        $kind = LayerKind::of($was);
        $mass = new Rail(Job::Mass->value, 'g', $was->state->mass, $now->state->mass, $tolerance = JobTable::tolerance(Job::Mass->value, $was->state->mass), ($now->state->mass - $was->state->mass) / $tolerance);
        $debts = [];
        foreach ([...$rails, $mass] as $rail) {
            $job = Job::tryFrom($rail->property);
            if ($job === null) {
                continue;
            }
            $off = abs($rail->residual) / JobTable::verdict($rail->property);
            $isLost = $rail->now < self::LOST * $rail->target && $off > 1.0;
            $state = $off <= 1.0 + 1e-9 ? DebtState::Paid : ($isLost ? DebtState::Lost : DebtState::Short);
            $from = self::who($was, $job);
            $by = self::who($now, $job);
            $debts[] = new Debt($n, $was->layer->name, $job, $rail->target, $rail->now, $rail->unit, $off, $job->isCritical($kind), $state, $from, $by, $state === DebtState::Paid ? '' : self::why($job, $rail, $state, $was, $from));
        }

        return $debts;
    }

    /** @param list<string> $from */
    private static function why(Job $job, Rail $rail, DebtState $state, LayerReading $was, array $from): string
    {
        $figure = static fn(float $v): string => (string) round($v, abs($v) < 10.0 ? 2 : 1);
        $what = $rail->targetWord !== '' && $rail->targetWord !== $rail->nowWord
            ? \sprintf('%s, was %s', $rail->nowWord, $rail->targetWord)
            : \sprintf('%s of %s %s', $figure($rail->now), $figure($rail->target), $rail->unit);
        $gave = [];
        foreach (\array_slice($from, 0, 2) as $id) {
            foreach ($was->state->model->portions as $portion) {
                if ($portion->ingredient->id === $id) {
                    $gave[$id] = mb_strtolower($portion->ingredient->name);
                }
            }
        }

        return \sprintf('%s %s, %s: %s%s', $job->value, $state->value, $job->onThePlate($rail->residual < 0.0), $what, $gave === [] || $rail->residual > 0.0 ? '' : '; it came from ' . implode(' and ', $gave));
    }

    /** @return list<string> ingredients that do a job in a layer, most first */
    private static function who(LayerReading $layer, Job $job): array
    {
        $share = $job->share();
        $who = [];
        if ($share !== null) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $does = $layer->jobs[$i][$share] ?? 0.0;
                if ($does >= self::NAMED) {
                    $who[$portion->ingredient->id] = ($who[$portion->ingredient->id] ?? 0.0) + $does;
                }
            }
            arsort($who);
        }

        return array_keys($who);
    }
}
