<?php

declare(strict_types=1);

namespace Transmuta\Instrument;

/**
 * A kitchen scale that is not there: it settles as a damped swing, its zero drifts, it is noisy and it has an end. Masses in g, moments in seconds
 * of a clock of the caller's. Figures of a bench scale of 5 kg by 0.1 g, from memory.
 */
final class SimulatedScale
{
    public const STEP = 0.1;

    public const CAPACITY = 5000.0;

    /** Time constant of the swing, s, and its period, s. */
    private const SETTLES = 0.35;

    private const PERIOD = 0.9;

    /** How long nothing must have been put on or taken off before it says that it stands still, s. */
    private const STILL = 1.5;

    private const NOISE = 0.02;

    /** g a minute that the zero begins to run away, at most either way, and the time constant in which it comes to rest as the scale warms, min. */
    private const DRIFT = 0.03;

    private const WARM = 30.0;

    private float $load = 0.0;

    private float $before = 0.0;

    private float $changed;

    private float $tare = 0.0;

    private float $zeroed;

    private Trouble $trouble = Trouble::None;

    /** @param float $at when it was switched on, with nothing on it */
    public function __construct(private readonly int $seed, float $at)
    {
        $this->changed = $at - 60.0;
        $this->zeroed = $at;
    }

    public function put(float $grams, float $at): void
    {
        $this->before = $this->swung($at);
        $this->load = max(0.0, $this->load + $grams);
        $this->changed = $at;
    }

    public function clear(float $at): void
    {
        $this->put(-$this->load, $at);
    }

    /** What lies on it counts as nothing from now on, and the drift so far with it. */
    public function tare(float $at): void
    {
        $this->tare = $this->load;
        $this->zeroed = $at;
    }

    public function suffers(Trouble $trouble): void
    {
        $this->trouble = $trouble;
    }

    public function read(float $at): ScaleReading
    {
        if ($this->trouble === Trouble::Gone) {
            return new ScaleReading('gone', null, false);
        }
        $isLow = $this->trouble === Trouble::Battery;
        if ($this->load > self::CAPACITY) {
            return new ScaleReading('over', null, $isLow);
        }
        $seen = $this->swung($at);
        $isStill = $at - $this->changed >= self::STILL && abs($seen - $this->load) < self::STEP / 2;
        $drift = self::DRIFT * self::WARM * sin($this->seed) * (1.0 - exp(-($at - $this->zeroed) / 60 / self::WARM));
        // A low battery shows in the last figure first.
        $noise = Noise::at($this->seed, $at) * self::NOISE * ($isLow ? 8 : 1);

        return new ScaleReading($isStill ? 'stable' : 'moving', round(($seen - $this->tare + $drift + $noise) / self::STEP) * self::STEP + 0.0, $isLow);
    }

    private function swung(float $at): float
    {
        $since = max(0.0, $at - $this->changed);

        return $this->load + ($this->before - $this->load) * exp(-$since / self::SETTLES) * cos(2 * \M_PI * $since / self::PERIOD);
    }
}
