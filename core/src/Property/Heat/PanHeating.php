<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;

/**
 * A stirred pan on the hob, lumped: what the hob gives, less what the open surface loses by convection and vapour, heats the mass.
 * m·c·dT/dt = P − A·(h·(T − T_air) + k·ρ_vapour(T)·L). Hob, pan and losses from memory, in `reference/cooking.csv`; a guide for where to look at the
 * probe, never a proof of a safe temperature.
 */
final readonly class PanHeating
{
    /** J/g of water turned to vapour at 80–100 °C [pub: steam tables]. */
    private const LATENT = 2300.0;

    private const STEP = 1.0;

    private function __construct(public float $watts, public bool $gentle, private float $area, private float $capacity, private float $film, private float $vapour, private float $air, public float $startsAt) {}

    /** Null where the layer is not cooked, boiled or melted while it is stirred. */
    public static function of(LayerState $state, Thermal $thermal, ?CookingWindow $window, Reference $reference): ?self
    {
        $treatment = $state->model->treatment;
        if ($treatment->inPan() === null || $state->mixed < 1.0) {
            return null;
        }
        $c = $reference->cooking;
        $area = $state->mixed / $thermal->density / $c['pan-depth-mm'];
        // Egg that curdles is cooked gently; what must boil is brought there briskly.
        $gentle = $window !== null && !$window->mayBoil;

        return new self($area * $c[$gentle ? 'pan-gentle' : 'pan-brisk'], $gentle, $area, $state->mixed * $thermal->specificHeat, $c['pan-film'], $c['pan-vapour'], $c['pan-air-c'], $c['pan-starts-c']);
    }

    /** Diameter of the pan, mm. */
    public function diameter(): float
    {
        return 1000 * sqrt(4 * $this->area / \M_PI);
    }

    /** Minutes from going into the pan to this temperature; null where the hob cannot bring it there. */
    public function minutesTo(float $celsius): ?float
    {
        return $this->minutes($this->startsAt, $celsius);
    }

    /** Minutes from one temperature to another above it; null where the hob cannot bring it there. */
    public function minutes(float $from, float $to): ?float
    {
        $seconds = 0.0;
        for ($at = $from; $at < $to - 1e-9; $at += $step) {
            $step = min(self::STEP, $to - $at);
            $net = $this->net($at + $step / 2);
            if ($net <= 0.0) {
                return null;
            }
            $seconds += $this->capacity * $step / $net;
        }

        return $seconds / 60;
    }

    /** °C a minute at this temperature: how fast the probe climbs there. */
    public function climb(float $celsius): float
    {
        return 60 * max(0.0, $this->net($celsius)) / $this->capacity;
    }

    /** W that heat the mass at this temperature. */
    private function net(float $celsius): float
    {
        return $this->watts - $this->area * ($this->film * ($celsius - $this->air) + $this->vapour * self::vapour($celsius) * self::LATENT);
    }

    /** g water vapour in a m³ saturated at this temperature: Buck 1981 for the pressure, the gas law for the rest. */
    public static function vapour(float $celsius): float
    {
        return 611.21 * exp(17.502 * $celsius / (240.97 + $celsius)) * 18.015 / (8.314 * ($celsius + 273.15));
    }
}
