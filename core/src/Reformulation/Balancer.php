<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\LayerKeys;
use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Quantity\Scale;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Brief\Aims;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Deviation\Rails;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Solving\LayerProblem;
use Transmuta\Reformulation\Substitution\Unknown;

/** Holds one version against another: how far each property is off, and the same lines weighed anew so that it is off no more. */
final readonly class Balancer
{
    public function __construct(private Reader $reader, private Schools $schools = new Schools()) {}

    /**
     * Balances a version again against another: pinned lines stay, the others move to bring every property back, or to what is wanted instead.
     *
     * @param array<string, array<string, float>> $wanted single properties set by hand, by the layer's key ({@see Target::wanting}, {@see LayerKeys})
     */
    public function rebalance(Formula $version, Formula $against, ?Aims $aims = null, array $wanted = []): Formula
    {
        $reader = $this->reader->for($against);
        $targets = [];
        $keys = LayerKeys::of($version->layers);
        foreach (self::pairs($version->layers, $against->layers) as $n => $m) {
            $layer = $against->layers[$m];
            $target = Target::of($reader->layer($layer, $against->serveAt), $reader, $against->serveAt);
            $targets[$n] = $target->aimed($this->schools->aims($aims ?? Aims::same()))->wanting($wanted[$keys[$n]] ?? []);
        }

        return (new self($this->reader->for($version), $this->schools))->balanced($version, $targets);
    }

    /**
     * Which layer of one formula stands for which of another: the first of a name for the first of that name, the second for the second.
     *
     * @param list<Layer> $layers
     * @param list<Layer> $others
     *
     * @return array<int, int> place of the other by place
     */
    public static function pairs(array $layers, array $others): array
    {
        $theirs = array_flip(LayerKeys::of($others));
        $pairs = [];
        foreach (LayerKeys::of($layers) as $n => $key) {
            if (isset($theirs[$key])) {
                $pairs[$n] = $theirs[$key];
            }
        }

        return $pairs;
    }

    /** @param array<int, Target> $targets by place of the layer */
    private function balanced(Formula $version, array $targets): Formula
    {
        $layers = [];
        foreach ($version->layers as $n => $layer) {
            $target = $targets[$n] ?? null;
            $layers[] = $target === null || $layer->understood() === [] ? $layer : $this->balance($layer, $target, $version->serveAt);
        }

        return $version->with($layers);
    }

    /**
     * Rails of every layer of a version against the layer that stands for it in another.
     *
     * @param array<string, array<string, float>> $wanted single properties set by hand, by the layer's key
     *
     * @return array<int, list<Rail>> by place of the layer
     */
    public function rails(DishReading $version, DishReading $against, ?Aims $aims = null, array $wanted = []): array
    {
        $rails = [];
        [$reader, $was] = [$this->reader->for($version->formula), $this->reader->for($against->formula)];
        $plain = static fn(DishReading $dish): array => array_map(static fn(\Transmuta\Property\LayerReading $l): Layer => $l->layer, $dish->layers);
        $serveAt = $against->formula->serveAt;
        $keys = LayerKeys::of($plain($version));
        foreach (self::pairs($plain($version), $plain($against)) as $n => $m) {
            $layer = $version->layers[$n];
            $target = Target::of($against->layers[$m], $was, $serveAt)->aimed($this->schools->aims($aims ?? Aims::same()))->wanting($wanted[$keys[$n]] ?? []);
            $rails[$n] = (new Rails($reader, $target, $serveAt))->of($layer->state);
        }

        return $rails;
    }

    private function balance(Layer $layer, Target $target, float $serveAt): Layer
    {
        $unknowns = [];
        foreach ($layer->understood() as $line) {
            $small = $line->grams < 0.003 * $target->mass;
            $unknowns[] = Unknown::kept($line, $line->pinned || $line->has('infused') || $line->grams <= 0.0 || $small, Figure::BalanceFree->number());
        }
        $problem = new LayerProblem($this->reader, $layer, $unknowns, $target, $serveAt);
        $grams = $problem->grams($problem->solve()->x);
        $lines = [];
        $k = 0;
        foreach ($layer->lines as $line) {
            if ($line->ingredient === null) {
                $lines[] = $line;
                continue;
            }
            $unknown = $unknowns[$k];
            $new = $unknown->fixed ? $line->grams : Scale::shown($grams[$k]);
            $lines[] = $line->weighing($new);
            ++$k;
        }

        return $layer->with($lines);
    }
}
