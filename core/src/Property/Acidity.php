<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;

/**
 * pH by one charge balance: organic acids, protein buffers and strong ions. Each ingredient's strong-ion difference is
 * solved so that the model gives that ingredient's own pH; a mixture adds acids, buffers and strong ions up.
 */
final class Acidity
{
    /** pH at which the buffers of an ingredient without a pH of its own are taken as neutral. */
    private const NEUTRAL = 6.5;

    /** @var array<string, float> strong-ion difference, mmol per 100 g, by ingredient */
    private array $strong = [];

    /** @var \WeakMap<LayerState, ?float> a weighed layer never changes, and several properties ask for its pH */
    private \WeakMap $solved;

    public function __construct(private readonly Reference $reference, private readonly bool $inFood = true)
    {
        $this->solved = new \WeakMap();
    }

    /** pH 0…14 of the layer; null where there is too little water (under 3 g per 100 g) for a pH to mean anything. */
    public function ph(LayerState $state): ?float
    {
        if (!isset($this->solved[$state]) && $state->water >= 3.0) {
            $this->solved[$state] = $this->phOfLayer($state);
        }

        return $this->solved[$state] ?? null;
    }

    private function phOfLayer(LayerState $state): float
    {
        $strong = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            if ($state->share[$i] > 0.0) {
                $strong += $state->share[$i] / 100 * $this->strongIons($portion->ingredient);
            }
        }

        return $this->solve($state->parts, $strong, $state->water);
    }

    /**
     * pH of acids in water.
     *
     * @param array<string, float> $acids g per 100 g by acid
     * @param float $strong mmol strong cations less anions per 100 g
     */
    public function phOf(array $acids, float $strong, float $water): float
    {
        $parts = [];
        foreach ($acids as $acid => $grams) {
            $parts["acid.$acid"] = $grams;
        }

        return $this->solve($parts, $strong, $water);
    }

    /** Titratable acidity as g citric acid per 100 g: every acid group counted by its equivalents. */
    public function titratable(LayerState $state): float
    {
        $equivalents = 0.0;
        foreach ($this->reference->acids as $name => $acid) {
            $equivalents += $state->of100("acid.$name") / $acid['molar'] * \count($acid['pka']);
        }

        return $equivalents / 3 * $this->reference->acids['citric']['molar'];
    }

    private function strongIons(Ingredient $ingredient): float
    {
        return $this->strong[$ingredient->id] ??= $this->solveStrongIons($ingredient);
    }

    private function solveStrongIons(Ingredient $ingredient): float
    {
        $parts = $ingredient->composition->parts;
        $water = max(3.0, $parts['water'] ?? 0.0);
        $ph = $ingredient->ph ?? self::NEUTRAL;
        if ($ingredient->ph === null && isset($parts['acid.citric'])) {
            return 0.0;
        }

        return -$this->charge($parts, 0.0, $water, $ph);
    }

    /** @param array<string, float> $parts */
    private function solve(array $parts, float $strong, float $water): float
    {
        $low = 0.5;
        $high = 13.0;
        for ($i = 0; $i < 36; ++$i) {
            $middle = ($low + $high) / 2;
            if ($this->charge($parts, $strong, $water, $middle) > 0.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * Net positive charge, mmol per 100 g, at a pH: falls as pH rises.
     *
     * @param array<string, float> $parts
     */
    private function charge(array $parts, float $strong, float $water, float $ph): float
    {
        $hydrogen = 10 ** -$ph;
        $charge = $strong + ($hydrogen - 1e-14 / $hydrogen) * $water;
        foreach ($this->reference->acids as $name => $acid) {
            $grams = $parts["acid.$name"] ?? 0.0;
            if ($grams > 0.0) {
                $charge -= $grams / $acid['molar'] * 1000 * self::dissociated($hydrogen, $this->inFood ? $acid['food'] : $acid['pka']);
            }
        }
        foreach ($this->reference->buffers as $kind => $buffer) {
            $grams = $parts["protein.$kind"] ?? 0.0;
            if ($grams > 0.0) {
                $charge -= $grams * $buffer * ($ph - self::NEUTRAL);
            }
        }

        return $charge;
    }

    /**
     * Mean charge carried by one molecule of an acid.
     *
     * @param list<float> $pka
     */
    private static function dissociated(float $hydrogen, array $pka): float
    {
        $term = 1.0;
        $sum = 1.0;
        $charge = 0.0;
        foreach ($pka as $n => $value) {
            $term *= 10 ** -$value / $hydrogen;
            $sum += $term;
            $charge += ($n + 1) * $term;
        }

        return $charge / $sum;
    }
}
