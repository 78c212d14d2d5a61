<?php

declare(strict_types=1);

namespace Transmuta\Property\Taste;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;

/**
 * pH by one charge balance: organic acids, protein buffers and strong ions. Each ingredient's strong-ion difference is
 * solved so that the model gives that ingredient's own pH; a mixture adds acids, buffers and strong ions up.
 */
final class Acidity
{
    /** @var \WeakMap<Ingredient, float> strong-ion difference, mmol per 100 g */
    private \WeakMap $strong;

    /** pH found last: formulas that are read one after another are mostly alike. */
    private float $last = 4.5;

    /** @var \WeakMap<LayerState, ?float> a weighed layer never changes, and several properties ask for its pH */
    private \WeakMap $solved;

    /** @var array<string, list<float>> dissociation constants by acid, mol/L */
    private array $constants = [];

    /** @param bool $inFood whether citric acid dissociates as it does in food, or as in pure water */
    public function __construct(private readonly Reference $reference, bool $inFood = true)
    {
        $this->solved = new \WeakMap();
        $this->strong = new \WeakMap();
        foreach ($reference->acids as $name => $acid) {
            $this->constants[$name] = array_map(static fn(float $pka): float => 10 ** -$pka, $inFood ? $acid['food'] : $acid['pka']);
        }
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

    /** mmol of strong cations less anions in 100 g of an ingredient, so that the model gives its own pH. */
    public function strongIons(Ingredient $ingredient): float
    {
        return $this->strong[$ingredient] ??= $this->solveStrongIons($ingredient);
    }

    private function solveStrongIons(Ingredient $ingredient): float
    {
        if ($ingredient->does('strong-ions') > 0.0) {
            // Soda gives its sodium to whatever acid it meets: its own pH says nothing of how much it can neutralise.
            return $ingredient->does('strong-ions');
        }
        $parts = $ingredient->composition->parts;
        $water = max(3.0, $parts['water'] ?? 0.0);
        $ph = $ingredient->ph ?? Figure::BufferNeutral->number();
        if ($ingredient->ph === null && $ingredient->composition->family('acid.') > 0.0) {
            // An acid on its own, such as the crystals: nothing has neutralised it.
            return 0.0;
        }

        return -$this->charge($parts, $water, $ph);
    }

    /**
     * pH at which the charges balance: Newton's step inside a bracket that halves where the step would leave it.
     *
     * @param array<string, float> $parts
     */
    private function solve(array $parts, float $strong, float $water): float
    {
        [$acids, $buffer] = $this->groups($parts);
        $low = 0.5;
        $high = 13.0;
        $ph = $this->last;
        for ($i = 0; $i < 60; ++$i) {
            $hydrogen = 10 ** -$ph;
            $hydroxide = 1e-14 / $hydrogen;
            $charge = $strong + ($hydrogen - $hydroxide) * $water - $buffer * ($ph - Figure::BufferNeutral->number());
            $slope = -($hydrogen + $hydroxide) * $water * \M_LN10 - $buffer;
            [$carried, $fall] = self::dissociated($hydrogen, $acids);
            $charge -= $carried;
            $slope -= $fall * \M_LN10;
            $charge > 0.0 ? $low = $ph : $high = $ph;
            $next = $slope < 0.0 ? $ph - $charge / $slope : $low;
            $halved = $next <= $low || $next >= $high;
            if ($halved) {
                $next = ($low + $high) / 2;
            }
            // Newton's steps square their error, so one under 1e-6 leaves less than 1e-11.
            if (abs($next - $ph) < ($halved ? 1e-10 : 1e-6)) {
                return $this->last = $next;
            }
            $ph = $next;
        }

        return $ph;
    }

    /**
     * @param array<string, float> $parts
     *
     * @return array{list<array{float, list<float>}>, float} mmol and dissociation constants of each acid per 100 g, and the buffers in mmol per pH unit
     */
    private function groups(array $parts): array
    {
        $acids = [];
        foreach ($this->reference->acids as $name => $acid) {
            $grams = $parts["acid.$name"] ?? 0.0;
            if ($grams > 0.0) {
                $acids[] = [$grams / $acid['molar'] * 1000, $this->constants[$name]];
            }
        }
        $buffer = 0.0;
        foreach ($this->reference->buffers as $kind => $capacity) {
            $buffer += ($parts["protein.$kind"] ?? 0.0) * $capacity;
        }

        return [$acids, $buffer];
    }

    /**
     * Net positive charge, mmol per 100 g, at a pH: falls as pH rises.
     *
     * @param array<string, float> $parts
     */
    private function charge(array $parts, float $water, float $ph): float
    {
        [$acids, $buffer] = $this->groups($parts);
        $hydrogen = 10 ** -$ph;

        return ($hydrogen - 1e-14 / $hydrogen) * $water - $buffer * ($ph - Figure::BufferNeutral->number()) - self::dissociated($hydrogen, $acids)[0];
    }

    /**
     * Negative charge that acids carry at a concentration of hydrogen ions (mol/L), mmol per 100 g, and how fast it grows with the logarithm:
     * the mean charge of a molecule and its variance.
     *
     * @param list<array{float, list<float>}> $acids mmol per 100 g and dissociation constants in mol/L
     *
     * @return array{float, float}
     */
    private static function dissociated(float $hydrogen, array $acids): array
    {
        $charge = $growth = 0.0;
        foreach ($acids as [$millimoles, $constants]) {
            $term = $sum = 1.0;
            $first = $second = 0.0;
            foreach ($constants as $n => $value) {
                $term *= $value / $hydrogen;
                $sum += $term;
                $first += ($n + 1) * $term;
                $second += ($n + 1) ** 2 * $term;
            }
            $mean = $first / $sum;
            $charge += $millimoles * $mean;
            $growth += $millimoles * ($second / $sum - $mean ** 2);
        }

        return [$charge, $growth];
    }
}
