<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;

/**
 * Conductivity (W/m·K), density (kg/m³) and specific heat (kJ/kg·K) of a layer from its composition, Choi and Okos 1986 as in the
 * ASHRAE Handbook—Refrigeration, −40…150 °C: volumes share the conductivity, masses the heat. A foam holds its air by Maxwell and Eucken.
 */
final readonly class Thermal
{
    /** Conductivity of still air, W/m·K, at 10 °C [pub: CRC Handbook]. */
    private const AIR = 0.0251;

    private function __construct(public float $conductivity, public float $density, public float $specificHeat) {}

    /** @param float $airShare 0…1 of the volume */
    public static function of(LayerState $state, Reference $reference, float $celsius = 20.0, float $airShare = 0.0): self
    {
        $fractions = [
            'water' => $state->water + $state->of100('alcohol'),
            'protein' => $state->protein,
            'fat' => $state->fat,
            'carbohydrate' => $state->carbohydrate() + $state->acids,
            'fibre' => $state->of100('fibre'),
            'ash' => $state->of100('ash') + $state->of100('salt'),
        ];
        $volume = $conducts = $heat = 0.0;
        $all = array_sum($fractions);
        foreach ($fractions as $part => $grams) {
            $mass = $all > 0.0 ? $grams / $all : 0.0;
            $share = $mass / self::at($reference, 'density', $part, $celsius);
            $volume += $share;
            $conducts += $share * self::at($reference, 'conductivity', $part, $celsius);
            $heat += $mass * self::at($reference, 'specific heat', $part, $celsius);
        }
        $k = $volume > 0.0 ? $conducts / $volume : 0.6;
        $density = $volume > 0.0 ? 1.0 / $volume : 1000.0;
        if ($airShare > 0.0) {
            $k *= (2 * $k + self::AIR - 2 * $airShare * ($k - self::AIR)) / (2 * $k + self::AIR + $airShare * ($k - self::AIR));
            $density *= 1.0 - $airShare;
        }

        return new self($k, $density, $heat);
    }

    /** Value of a pure part at a temperature, by the published polynomial. */
    public static function at(Reference $reference, string $property, string $part, float $celsius): float
    {
        [$a, $b, $c] = $reference->thermal[$property][$part];

        return $a + $b * $celsius + $c * $celsius ** 2;
    }

    /** Thermal diffusivity, m²/s. */
    public function diffusivity(): float
    {
        return $this->conductivity / ($this->density * $this->specificHeat * 1000);
    }
}
