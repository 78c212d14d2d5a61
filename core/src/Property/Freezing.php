<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Reference\Reference;

/** Freezing point and ice from the sucrose-equivalent concentration of the water phase (handbook §8). */
final readonly class Freezing
{
    public function __construct(private Reference $reference) {}

    /** °C at which the layer starts to freeze; null where it is all but dry. */
    public function point(LayerState $state): ?float
    {
        return $state->water < 1.0 ? null : $this->pointAt($this->concentration($state));
    }

    /** °C for a sucrose solution of this strength in g per 100 g of solution. */
    public function pointAt(float $percent): float
    {
        $previous = $this->reference->freezing[0];
        foreach ($this->reference->freezing as $point) {
            if ($percent <= $point[0]) {
                return $point[0] === $previous[0] ? $point[1]
                    : $previous[1] + ($percent - $previous[0]) / ($point[0] - $previous[0]) * ($point[1] - $previous[1]);
            }
            $previous = $point;
        }

        return $previous[1];
    }

    /** Share 0…1 of the layer's water that is ice at this temperature. */
    public function iceShare(LayerState $state, float $celsius): float
    {
        $solute = $this->solute($state);
        if ($state->water < 1.0 || $celsius >= 0.0) {
            return 0.0;
        }
        $previous = $this->reference->freezing[0];
        $strength = null;
        foreach ($this->reference->freezing as $point) {
            if ($celsius >= $point[1] && $point[1] !== $previous[1]) {
                $strength = $previous[0] + ($celsius - $previous[1]) / ($point[1] - $previous[1]) * ($point[0] - $previous[0]);
                break;
            }
            $previous = $point;
        }
        $strength ??= $previous[0];
        $liquid = $strength > 0.0 ? $solute * (100 - $strength) / $strength : $state->water;

        return max(0.0, 1.0 - $liquid / $state->water);
    }

    /** Sucrose-equivalent % of the water phase: Σ g × 342/M, salts per ion. */
    private function concentration(LayerState $state): float
    {
        $solute = $this->solute($state);

        return 100 * $solute / max(1e-9, $solute + $state->water);
    }

    private function solute(LayerState $state): float
    {
        $sum = 0.0;
        foreach ($this->reference->solutes as $name => $row) {
            $sum += WaterActivity::grams($state, $name) * 342.3 / $row['molar'] * $row['ions'];
        }

        return $sum;
    }
}
