<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Layer;
use Transmuta\Formula\LayerKeys;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Roots;
use Transmuta\Quantity\Scale;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Exclusions;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Deviation\Guard;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Deviation\Rails;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Substitution\Context;
use Transmuta\Reformulation\Substitution\Heating;
use Transmuta\Reformulation\Substitution\MeansBook;
use Transmuta\Reformulation\Substitution\Permit;
use Transmuta\Reformulation\Substitution\Place;

/**
 * What would pay a job that nobody pays in a layer of a version: each means of the table (`means.csv`) that the brief, the market and what the
 * dish already meets allow, put in beside what is there and weighed until the job is met, or until no more of it is pleasant. The other lines
 * stay as they are, so what it costs elsewhere is seen; a route moves them all.
 */
final readonly class Payments
{
    /** So many are offered for a job. */
    private const OFFERED = 3;

    /** A means that pays less than this share of what is short is none. */
    private const WORTH = 0.15;

    /** The dose is found to within so small a part of the most that is pleasant. */
    private const FINE = 2048;

    /** A job is paid once it is this near its target, in tolerances: a little inside, so that weighing it on a scale keeps it. */
    private const NEAR = 0.5;

    public function __construct(private Reader $reader, private Schools $schools = new Schools()) {}

    /**
     * @param array<string, array<string, float>> $wanted single properties set by hand, by the layer's key
     *
     * @return array<string, list<Payment>> by property; none for what is met or too much
     */
    public function of(DishReading $now, DishReading $was, int $at, Brief $brief, array $wanted = []): array
    {
        $layers = array_map(static fn(LayerReading $l): Layer => $l->layer, $now->layers);
        $pairs = Balancer::pairs($layers, array_map(static fn(LayerReading $l): Layer => $l->layer, $was->layers));
        $layer = $now->layers[$at] ?? null;
        if ($layer === null || !isset($pairs[$at])) {
            return [];
        }
        $reader = $this->reader->for($now->formula);
        $serveAt = $was->formula->serveAt;
        $target = Target::of($was->layers[$pairs[$at]], $this->reader->for($was->formula), $serveAt)->aimed($this->schools->aims($brief->aims))->wanting($wanted[LayerKeys::of($layers)[$at]] ?? []);
        $rails = new Rails($reader, $target, $serveAt);
        $place = Place::of($was->layers[$pairs[$at]], $serveAt);
        $permit = new Permit($brief, Exclusions::of($brief->without, $reader->shelf), $this->schools->market, Guard::of($now));
        $context = new Context($layer, $place, $permit, $permit->asks(\Transmuta\Diet\Diet::Keto));
        $before = self::byProperty($rails->of($layer->state));
        $found = [];
        foreach ($before as $property => $rail) {
            $job = Job::tryFrom($property);
            if ($job === null || $rail->isMet() || !self::isShort($job, $rail)) {
                continue;
            }
            $offers = [];
            foreach (MeansBook::for($job, $job === Job::Protein ? 'powder' : 'short') as $means) {
                $in = $reader->shelf->find($means['id']);
                if ($in === null || !$context->admits($means) || !$permit->allows($in)) {
                    continue;
                }
                $most = min($means['most'], MeansBook::pleasant($in->id, $in->class, $place->value) ?? $means['most']) / 100 * $layer->state->mixed;
                $room = Figure::MeansMost->number() * $layer->state->mixed;
                $prep = Heating::prep($in, null, $layer);
                $offer = self::dose(new Payment($means['id'], min($room, $most - self::held($layer->layer, $means['id'])), 0.0, $prep, [], $means['note']), $layer->layer, $job, $rail, $before, static fn(Layer $with): array => self::byProperty($rails->of(LayerState::ofLayer($with, $reader->shelf))));
                if ($offer !== null) {
                    $offers[] = $offer;
                }
            }
            // What pays all of it and moves nothing else first; otherwise in the table's order of preference.
            usort($offers, static fn(Payment $a, Payment $b): int => [$b->pays >= 1.0, \count($a->moves)] <=> [$a->pays >= 1.0, \count($b->moves)]);
            $found[$property] = \array_slice($offers, 0, self::OFFERED);
        }

        return array_filter($found, static fn(array $offers): bool => $offers !== []);
    }

    /** g of an ingredient in a layer. */
    private static function held(Layer $layer, string $id): float
    {
        return array_sum(array_map(static fn(Line $line): float => $line->ingredient === $id ? $line->grams : 0.0, $layer->lines));
    }

    /**
     * @param Payment $most what may be put in at the most
     * @param array<string, Rail> $before
     * @param callable(Layer): array<string, Rail> $read
     */
    private static function dose(Payment $most, Layer $layer, Job $job, Rail $rail, array $before, callable $read): ?Payment
    {
        if ($most->grams <= 0.0) {
            return null;
        }
        $with = static fn(float $grams): array => $read(self::adding($layer, $most->ingredient, $grams, $most->prep));
        $short = abs($rail->residual) - self::NEAR;
        $left = static fn(array $rails): float => isset($rails[$job->value]) && self::isShort($job, $rails[$job->value]) ? max(0.0, abs($rails[$job->value]->residual) - self::NEAR) : 0.0;
        $grams = Scale::shown(Roots::least(static fn(float $grams): bool => $left($with($grams)) <= 0.0, 0.0, $most->grams, $most->grams / self::FINE) ?? $most->grams);
        $after = $with($grams);
        $pays = 1.0 - $left($after) / $short;
        if ($grams <= 0.0 || $pays < self::WORTH) {
            return null;
        }
        $moves = array_keys(array_filter($after, static fn(Rail $one): bool => !$one->isMet() && ($before[$one->property] ?? $one)->isMet()));

        return new Payment($most->ingredient, $grams, min(1.0, ($after[$job->value] ?? null)?->isMet() === true ? 1.0 : $pays), $most->prep, $moves, $most->note);
    }

    /**
     * On the line it stands on already, or on one of its own.
     *
     * @param list<string> $prep
     */
    private static function adding(Layer $layer, string $id, float $grams, array $prep): Layer
    {
        $lines = $layer->lines;
        foreach ($lines as $n => $line) {
            if ($line->ingredient === $id) {
                $lines[$n] = $line->weighing($line->grams + $grams);

                return $layer->with(array_values($lines));
            }
        }

        return $layer->with([...$lines, Line::of($id, $grams, prep: $prep)]);
    }

    /** Whether there is less of a job than there was; of fat that is not held there is more. */
    private static function isShort(Job $job, Rail $rail): bool
    {
        return $job === Job::Emulsion ? $rail->residual > 0.0 : $rail->residual < 0.0;
    }

    /**
     * @param list<Rail> $rails
     *
     * @return array<string, Rail>
     */
    private static function byProperty(array $rails): array
    {
        return array_combine(array_map(static fn(Rail $rail): string => $rail->property, $rails), $rails);
    }
}
