<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Tin;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\Ripening;
use Transmuta\Property\Water\Freezing;
use Transmuta\Property\Water\Frozen;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/** The layers one on another in their vessel: heights in mm, how each cools alone, how all cool together, and out of the freezer. */
final readonly class Stack
{
    /**
     * @param list<float> $heights mm, bottom first
     * @param list<Cooling> $coolings of each layer alone, as when the one under it has set
     * @param ?Cooling $whole null where there is only one layer
     * @param list<?Frozen> $frozen
     * @param list<?Ripening> $ripening of each layer that gelatin sets
     */
    private function __construct(public ?Tin $vessel, public array $heights, public array $coolings, public ?Cooling $whole, public array $frozen, public array $ripening) {}

    /** @param list<LayerReading> $layers bottom first */
    public static function of(array $layers, Formula $formula, Reference $reference, Freezing $freezing): self
    {
        $vessel = self::vessel($layers);
        $area = $vessel?->area() ?? \M_PI / 4 * Figure::VesselPortionWidth->number() ** 2 * $formula->portions;
        $cold = $formula->serveAt < -2.0 ? 'freezer' : 'fridge';
        $heights = $coolings = $frozen = $ripening = $bodies = [];
        $heat = $capacity = 0.0;
        foreach ($layers as $layer) {
            $height = $layer->volume * 1000 / $area;
            $starts = Cooling::startOf($layer->layer->treatment);
            $onset = $layer->baseWords === null ? Cooling::onset($layer->set->mechanisms) : null;
            $body = ['thermal' => $layer->thermal, 'height' => $height];
            $heights[] = $height;
            $bodies[] = $body;
            $coolings[] = $cooling = Cooling::of([$body], $vessel, $starts, $reference, $cold, $onset);
            $ripening[] = Ripening::of($layer->set, $cooling, $reference);
            $frozen[] = $cold === 'freezer' ? Frozen::of($layer->state, $freezing, $height) : null;
            $holds = $height * $layer->thermal->density * $layer->thermal->specificHeat;
            $capacity += $holds;
            $heat += $holds * $starts;
        }
        $whole = \count($layers) > 1 && $capacity > 0.0 ? Cooling::of($bodies, $vessel, $heat / $capacity, $reference, $cold) : null;

        return new self($vessel, $heights, $coolings, $whole, $frozen, $ripening);
    }

    /**
     * The largest vessel stated by any layer: the others sit inside it.
     *
     * @param list<LayerReading> $layers
     */
    private static function vessel(array $layers): ?Tin
    {
        $largest = null;
        foreach ($layers as $layer) {
            $tin = $layer->layer->tin;
            if ($tin !== null && ($largest === null || $tin->volume() > $largest->volume())) {
                $largest = $tin;
            }
        }

        return $largest;
    }
}
