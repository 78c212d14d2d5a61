<?php

declare(strict_types=1);

namespace Transmuta\Instrument;

/**
 * A thermometer that is not there, in a mass that is not there: the mass follows a curve of the core's models a little faster or slower than
 * they say, as a real one does; the probe lags behind it and is noisy. °C, seconds of a clock of the caller's. Lag and noise of a thin probe, from memory.
 */
final class SimulatedProbe
{
    public const STEP = 0.1;

    private const LAG = 3.0;

    private const NOISE = 0.08;

    private const AIR = 22.0;

    /** How long it takes in air to forget what it was in, s. */
    private const AIR_LAG = 20.0;

    /** Share by which a pot is quicker or slower than its model, at most either way. */
    private const PACE = 0.06;

    /** It moves where it would be this much elsewhere within half a minute, °C. */
    private const STEADY = 0.5;

    /** @var list<array{float, float}> s and °C; empty while it is in nothing */
    private array $body = [];

    private float $since = 0.0;

    /** s of the body's own clock that had passed at $since. */
    private float $passed = 0.0;

    private float $speed = 1.0;

    private float $lifted = -600.0;

    private float $warm = self::AIR;

    private Trouble $trouble = Trouble::None;

    public function __construct(private readonly int $seed) {}

    /** @param non-empty-list<array{float, float}> $body s from now and °C, in order of time */
    public function dip(array $body, float $at): void
    {
        $this->body = $body;
        $this->since = $at;
        $this->passed = 0.0;
    }

    public function lift(float $at): void
    {
        $this->warm = $this->body === [] ? self::AIR : $this->of($this->elapsed($at));
        $this->body = [];
        $this->lifted = $at;
    }

    /** How much faster than a clock the time of what it is in goes, so that a chill need not be waited for. */
    public function speed(float $speed, float $at): void
    {
        $this->passed = $this->elapsed($at);
        $this->since = $at;
        $this->speed = $speed;
    }

    public function suffers(Trouble $trouble, float $at): void
    {
        if ($trouble === Trouble::Out && $this->trouble !== Trouble::Out) {
            $this->warm = $this->body === [] ? self::AIR : $this->of($this->elapsed($at));
            $this->lifted = $at;
        }
        $this->trouble = $trouble;
    }

    public function read(float $at): ProbeReading
    {
        if ($this->trouble === Trouble::Gone) {
            return new ProbeReading('gone', null, null, false);
        }
        $isLow = $this->trouble === Trouble::Battery;
        $noise = Noise::at($this->seed, $at) * self::NOISE * ($isLow ? 8 : 1);
        $shown = static fn(float $celsius): float => round(($celsius + $noise) / self::STEP) * self::STEP;
        if ($this->body === [] || $this->trouble === Trouble::Out) {
            $celsius = self::AIR + ($this->warm - self::AIR) * exp(-max(0.0, $at - $this->lifted) / self::AIR_LAG);

            return new ProbeReading('air', $shown($celsius), $this->body === [] ? null : $this->elapsed($at), $isLow);
        }
        $elapsed = $this->elapsed($at);
        $celsius = $this->of($elapsed);

        return new ProbeReading(abs($this->of($elapsed + 30.0) - $celsius) < self::STEADY && $elapsed > 5 * self::LAG ? 'steady' : 'moving', $shown($celsius), $elapsed, $isLow);
    }

    private function elapsed(float $at): float
    {
        return $this->passed + max(0.0, $at - $this->since) * $this->speed;
    }

    /** What the probe has, so long after it went in. */
    private function of(float $elapsed): float
    {
        $first = $this->body[0][1] ?? self::AIR;

        return $this->mass($elapsed - self::LAG) + (self::AIR - $first) * exp(-$elapsed / self::LAG);
    }

    private function mass(float $elapsed): float
    {
        $elapsed = max(0.0, $elapsed) * (1.0 + self::PACE * sin(1.7 * $this->seed));
        $before = null;
        foreach ($this->body as $point) {
            if ($point[0] >= $elapsed) {
                return $before === null || $point[0] <= $before[0] ? $point[1] : $before[1] + ($point[1] - $before[1]) * ($elapsed - $before[0]) / ($point[0] - $before[0]);
            }
            $before = $point;
        }

        return $before[1] ?? self::AIR;
    }
}
