<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Formula\Tin;
use Transmuta\Formula\Treatment;
use Transmuta\Property\Roots;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;

/**
 * How long a layer, or a whole stack, takes to cool in its vessel (hours). Both flat faces and the sides are cooled through a surface film; a stack
 * is one body with the conductances of its layers in series and their heat added. Two different times: the middle at 8 °C
 * (safety and full set), and firm enough for the next step, when the set of the layer has begun a quarter of the way in.
 */
final readonly class Cooling
{
    /** Longest time looked at, h. */
    private const LONGEST = 72.0;

    /** Steps by the late slope before the slower, surer search takes over. */
    private const STEPS = 6;

    /**
     * @param Series $upright series of the slab from face to face
     * @param ?Series $across of the cylinder, or of the slab counted in both directions of a brick; null for an endless slab
     * @param float $rateUpright Fourier numbers a second
     * @param int $sides how many times the series across counts
     */
    private function __construct(
        public float $heightMm,
        public float $startsAt,
        public float $air,
        public float $film,
        public ?float $coreHours,
        public ?float $firmHours,
        public ?float $firmAt,
        public ?float $dangerHours,
        public ?float $coldHours,
        private Series $upright,
        private ?Series $across,
        private float $rateUpright,
        private float $rateAcross,
        private int $sides,
    ) {}

    /**
     * @param list<array{thermal: Thermal, height: float}> $stack bottom first, height in mm
     * @param ?float $firmAt °C at which the set has begun; null where nothing sets by cooling
     * @param ?float $air °C where the place has none of its own, as an oven
     */
    public static function of(array $stack, ?Tin $tin, float $startsAt, Reference $reference, string $place = 'fridge', ?float $firmAt = null, ?float $air = null): self
    {
        $air ??= $reference->places[$place]['air'];
        $film = $reference->places[$place]['film'];
        $height = max(1.0, array_sum(array_column($stack, 'height')));
        $resistance = $capacity = 0.0;
        foreach ($stack as ['thermal' => $thermal, 'height' => $mm]) {
            $resistance += $mm / $thermal->conductivity;
            $capacity += $mm * $thermal->density * $thermal->specificHeat * 1000;
        }
        $k = $resistance > 0.0 ? array_sum(array_column($stack, 'height')) / $resistance : 0.5;
        $diffusivity = $k * $height / max(1.0, $capacity);
        $half = $height / 2000;
        $round = $tin !== null && $tin->shape !== 'rect';
        $across = $tin === null ? null : ($tin->shape === 'rect' ? min($tin->a, $tin->b) : $tin->a) / 2000;
        $self = new self(
            $height,
            $startsAt,
            $air,
            $film,
            null,
            null,
            $firmAt,
            null,
            null,
            Series::slab($film * $half / $k),
            match (true) {
                $across === null => null,
                $round => Series::cylinder($film * $across / $k),
                default => Series::slab($film * $across / $k),
            },
            $diffusivity / $half ** 2,
            $across === null ? 0.0 : $diffusivity / $across ** 2,
            $round ? 1 : 2,
        );

        return $self->timed();
    }

    /** Middle of the body after some hours, °C. */
    public function core(float $hours): float
    {
        return $this->at($hours, 0.0);
    }

    /** Temperature a quarter of the way in from a face, on the axis, °C. */
    public function quarter(float $hours): float
    {
        return $this->at($hours, 0.5);
    }

    /** Temperature the layer goes into the cold with, °C. */
    public static function startOf(Treatment $treatment): float
    {
        return $treatment->leavesAt();
    }

    /**
     * °C under which the layer's main mechanism has begun to set; null where cooling sets nothing.
     *
     * @param array<string, float> $mechanisms GE by name, largest first
     */
    public static function onset(array $mechanisms): ?float
    {
        $onsets = Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('reference/mechanisms') as $row) {
                $made[$row['mechanism']] = $row['onset_c'] === '' ? null : (float) $row['onset_c'];
            }

            return $made;
        });

        return $onsets[(string) array_key_first($mechanisms)] ?? null;
    }

    private function at(float $hours, float $place): float
    {
        $seconds = $hours * 3600;
        $theta = Conduction::theta($this->upright, $this->rateUpright * $seconds, $place);
        if ($this->across !== null) {
            $theta *= Conduction::theta($this->across, $this->rateAcross * $seconds) ** $this->sides;
        }

        return $this->air + ($this->startsAt - $this->air) * $theta;
    }

    /** Hours until the place is at a temperature; 0 when it starts colder, null when it never gets there. */
    private function hoursTo(float $celsius, float $place): ?float
    {
        if ($this->startsAt <= $celsius) {
            return 0.0;
        }
        if ($celsius <= $this->air) {
            return null;
        }
        // The logarithm of what is left to lose falls straight once the first term of the series rules, so its slope leads there in a step or two.
        $wanted = log(($celsius - $this->air) / ($this->startsAt - $this->air));
        $gap = fn(float $hours): float => log(max(1e-12, ($this->at($hours, $place) - $this->air) / ($this->startsAt - $this->air))) - $wanted;
        $slope = $this->lateSlope();
        $hours = -$wanted / $slope;
        for ($i = 0; $i < self::STEPS; ++$i) {
            $step = $gap($hours) / $slope;
            $hours = max(0.0, $hours + $step);
            if (abs($step) < 1e-5) {
                return $hours > self::LONGEST ? null : $hours;
            }
        }
        if ($gap(self::LONGEST) > 0.0) {
            return null;
        }

        return Roots::between($gap, 0.0, self::LONGEST, 1e-4);
    }

    /** Fall of the logarithm of the dimensionless temperature by the hour, once only the first term of each series is left. */
    private function lateSlope(): float
    {
        return 3600 * ($this->rateUpright * $this->upright->term(0)[0] ** 2 + ($this->across === null ? 0.0 : $this->rateAcross * $this->sides * $this->across->term(0)[0] ** 2));
    }

    private function timed(): self
    {
        $hot = $this->startsAt >= Figure::FoodCodeHot->number();
        $from57 = $hot ? $this->hoursTo(Figure::FoodCodeHot->number(), 0.0) : null;
        $to21 = $hot ? $this->hoursTo(Figure::FoodCodeWarm->number(), 0.0) : null;
        $to5 = $hot ? $this->hoursTo(Figure::FoodCodeCold->number(), 0.0) : null;

        return new self(
            $this->heightMm,
            $this->startsAt,
            $this->air,
            $this->film,
            $this->hoursTo(Figure::CooledCore->number(), 0.0),
            $this->firmAt === null ? null : $this->hoursTo($this->firmAt, 0.5),
            $this->firmAt,
            $to21 !== null && $from57 !== null ? $to21 - $from57 : null,
            $to5 !== null && $from57 !== null ? $to5 - $from57 : null,
            $this->upright,
            $this->across,
            $this->rateUpright,
            $this->rateAcross,
            $this->sides,
        );
    }
}
