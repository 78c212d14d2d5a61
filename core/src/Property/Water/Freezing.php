<?php

declare(strict_types=1);

namespace Transmuta\Property\Water;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * Freezing point and ice from the sucrose-equivalent concentration of the water phase: by the published sucrose table to 40 %, and beyond it
 * where the water activity of the solution (Norrish) meets the activity of ice. Never a polynomial carried past its data.
 */
final class Freezing
{
    /** Enthalpy of fusion, J/mol, and heat capacity of water less that of ice, J/(mol K), at 0 °C; gas constant [pub: CRC Handbook]. */
    private const FUSION = 6008.0;
    private const HEAT_GAP = 38.1;
    private const GAS = 8.314;

    private const SUCROSE_K = 6.47;

    /** The coldest that is told, °C. */
    private const LOWEST = -60.0;

    /** Over how much below the table its gap to the model is spread, K. */
    private const SPREAD = 15.0;

    private ?float $gap = null;

    /** @var array<string, float> strength by temperature: the same few are asked for again and again */
    private array $strengths = [];

    public function __construct(private readonly Reference $reference) {}

    /** °C at which the layer starts to freeze; null where it is all but dry. */
    public function point(LayerState $state): ?float
    {
        return $state->water < 1.0 ? null : $this->pointAt($this->concentration($state));
    }

    /** °C for a sucrose solution of this strength in g per 100 g of solution. */
    public function pointAt(float $percent): float
    {
        $table = $this->reference->freezing;
        $last = $table[\count($table) - 1];
        if ($percent > $last[0]) {
            if ($percent >= Figure::SucroseFreezeConcentrated->number()) {
                return self::LOWEST;
            }
            // What {@see solveStrength} corrects, taken off again: over the next 15 °C by less and less, beyond them not at all.
            $gap = $this->gap();
            $point = self::norrishPoint($percent);
            $spread = ($point + $gap * (1.0 - $last[1] / self::SPREAD)) / (1.0 - $gap / self::SPREAD);

            return max(self::LOWEST, $last[1] - $spread < self::SPREAD ? $spread : $point);
        }
        $previous = $table[0];
        foreach ($table as $point) {
            if ($percent <= $point[0]) {
                return $point[0] === $previous[0] ? $point[1]
                    : $previous[1] + ($percent - $previous[0]) / ($point[0] - $previous[0]) * ($point[1] - $previous[1]);
            }
            $previous = $point;
        }

        return $previous[1];
    }

    /** Activity of ice against water at the same temperature (°C, at most 0), 0…1. */
    public static function iceActivity(float $celsius): float
    {
        $t = $celsius + 273.15;
        $melting = 273.15;

        return exp(self::FUSION / self::GAS * (1 / $melting - 1 / $t) + self::HEAT_GAP / self::GAS * ($melting / $t - 1 - log($melting / $t)));
    }

    /** Sucrose in the liquid that is left at this temperature, g per 100 g of it. */
    public function strengthAt(float $celsius): float
    {
        return $this->strengths["t$celsius"] ??= $this->solveStrength($celsius);
    }

    private function solveStrength(float $celsius): float
    {
        $table = $this->reference->freezing;
        $last = $table[\count($table) - 1];
        if ($celsius >= $last[1]) {
            $previous = $table[0];
            foreach ($table as $point) {
                if ($celsius >= $point[1] && $point[1] !== $previous[1]) {
                    return $previous[0] + ($celsius - $previous[1]) / ($point[1] - $previous[1]) * ($point[0] - $previous[0]);
                }
                $previous = $point;
            }
        }
        // The two meet at the table's end but for 0.2 °C, which is spread over the next 15 °C so that nothing jumps.
        $corrected = $celsius - $this->gap() * max(0.0, 1.0 - ($last[1] - $celsius) / self::SPREAD);

        return min(Figure::SucroseFreezeConcentrated->number(), self::norrishStrength($corrected));
    }

    /** °C between the table's last row and the model at its strength. */
    private function gap(): float
    {
        $last = $this->reference->freezing[\count($this->reference->freezing) - 1];

        return $this->gap ??= $last[1] - self::norrishPoint($last[0]);
    }

    /** Share 0…1 of the layer's water that is ice at this temperature. */
    public function iceShare(LayerState $state, float $celsius): float
    {
        if ($state->water < 1.0 || $celsius >= 0.0) {
            return 0.0;
        }
        $strength = $this->strengthAt($celsius);
        $liquid = $strength > 0.0 ? $this->solute($state) * (100 - $strength) / $strength : $state->water;

        return max(0.0, 1.0 - $liquid / $state->water);
    }

    /** Sucrose-equivalent % of the water phase: Σ g × 342/M, salts per ion. */
    public function concentration(LayerState $state): float
    {
        $solute = $this->solute($state);

        return 100 * $solute / max(1e-9, $solute + $state->water);
    }

    /** @return array<string, float> g of sucrose that would lower the freezing point as much, per 100 g of the layer, by solute */
    public function solutes(LayerState $state): array
    {
        $found = [];
        foreach ($this->reference->solutes as $name => $row) {
            $grams = WaterActivity::grams($state, $name);
            if ($grams > 0.0) {
                $found[$name] = $grams * 342.3 / $row['molar'] * $row['ions'];
            }
        }

        return $found;
    }

    private function solute(LayerState $state): float
    {
        return array_sum($this->solutes($state));
    }

    private static function norrishStrength(float $celsius): float
    {
        $ice = self::iceActivity($celsius);
        $low = 0.0;
        $high = 99.0;
        for ($i = 0; $i < 40; ++$i) {
            $middle = ($low + $high) / 2;
            WaterActivity::single($middle / 342.3, (100 - $middle) / 18.015, self::SUCROSE_K) > $ice ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    private static function norrishPoint(float $percent): float
    {
        $activity = WaterActivity::single($percent / 342.3, (100 - $percent) / 18.015, self::SUCROSE_K);
        $low = self::LOWEST;
        $high = 0.0;
        for ($i = 0; $i < 40; ++$i) {
            $middle = ($low + $high) / 2;
            self::iceActivity($middle) > $activity ? $high = $middle : $low = $middle;
        }

        return ($low + $high) / 2;
    }
}
