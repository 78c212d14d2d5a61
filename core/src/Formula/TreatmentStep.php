<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Figure;

/**
 * One thing done to a whole layer: how hot (°C; of a still oven when baked, with {@see Oven} where another was said), how long (minutes), stirred or still, and the share of air
 * (0…1 of a full foam) where it is stated rather than computed from what foams.
 */
final readonly class TreatmentStep
{
    private function __construct(
        public TreatmentKind $kind,
        public ?float $celsius,
        public ?float $minutes,
        public bool $stirred,
        public ?float $air,
        public ?Oven $oven = null,
        public bool $staged = false,
    ) {}

    /**
     * @param bool $staged whether it stands for a bake in stages: minutes of all of them, °C their mean by time
     *
     * @throws Nonsense if the temperature is outside −40…300 °C, the time negative or the air outside 0…1
     */
    public static function of(TreatmentKind $kind, ?float $celsius = null, ?float $minutes = null, ?bool $stirred = null, ?float $air = null, ?Oven $oven = null, bool $staged = false): self
    {
        if ($celsius !== null && ($celsius < -40.0 || $celsius > 300.0)) {
            throw Nonsense::of('treat', \sprintf('%s °C', $celsius), 'give a temperature between −40 and 300 °C');
        }
        if ($minutes !== null && ($minutes < 0.0 || $minutes > 2880.0)) {
            throw Nonsense::of('treat', \sprintf('%s min', $minutes), 'give a time between 0 and 2880 minutes');
        }
        if ($air !== null && ($air < 0.0 || $air > 1.0)) {
            throw Nonsense::of('treat', \sprintf('air %s', $air), 'give air between 0 and 1');
        }

        return new self($kind, $celsius, $minutes, $stirred ?? $kind !== TreatmentKind::Bake, $air, $kind === TreatmentKind::Bake ? $oven : null, $staged && $kind === TreatmentKind::Bake);
    }

    /**
     * The layer can reach at least this core temperature by it; a boiled one 100 °C, a baked one 88 where its oven and its minutes allow as much to
     * the thinnest sheet. Whether this layer does, as thick as it stands, {@see \Transmuta\Property\Heat\BakedCore} estimates.
     */
    public function reaches(float $celsius): bool
    {
        return match ($this->kind) {
            TreatmentKind::Boil => $celsius <= 100.0,
            TreatmentKind::Bake => $celsius <= $this->bakedAtMost(),
            TreatmentKind::Cook => $celsius <= ($this->celsius ?? Figure::CookedUnsaid->number()),
            TreatmentKind::Melt => $celsius <= ($this->celsius ?? 50.0),
            TreatmentKind::Whip, TreatmentKind::Freeze, TreatmentKind::None => $celsius <= ($this->celsius ?? 20.0),
        };
    }

    /** °C of the oven, where it is baked: of a still one, whatever its kind. */
    public function oven(): float
    {
        return $this->celsius ?? ($this->oven === Oven::Steam ? Figure::OvenSteams->number() : Figure::BakedUnsaid->number());
    }

    /** °C that the middle of the thinnest layer can come to in this oven in this time. */
    private function bakedAtMost(): float
    {
        $oven = $this->oven();
        $most = $oven <= Figure::OvenCool->number() ? $oven - Figure::OvenBehind->number() : Figure::BakedMiddle->number();

        return $this->minutes === null ? $most : min($most, $oven - ($oven - 20.0) * exp(-$this->minutes / Figure::BakedThinnest->number()));
    }

    /** Temperature the layer leaves it with, °C. */
    public function leavesAt(): float
    {
        return match ($this->kind) {
            TreatmentKind::Boil => 95.0,
            TreatmentKind::Bake => min(85.0, $this->bakedAtMost()),
            TreatmentKind::Cook => $this->celsius ?? Figure::CookedUnsaid->number(),
            TreatmentKind::Melt => $this->celsius ?? 45.0,
            TreatmentKind::Whip => 12.0,
            TreatmentKind::Freeze, TreatmentKind::None => 20.0,
        };
    }

    public function at(?float $celsius): self
    {
        return self::of($this->kind, $celsius, $this->minutes, $this->stirred, $this->air, $this->oven, $this->staged);
    }

    /** As a cook tells it: "cooked to 82 °C, stirred". */
    public function told(): string
    {
        if ($this->staged) {
            return \sprintf('baked %g min in stages, %g °C on the mean', $this->minutes ?? 0.0, $this->oven());
        }
        $degrees = static fn(float $c): string => str_replace('-', '−', (string) $c) . ' °C';
        $told = match ($this->kind) {
            TreatmentKind::Cook => 'cooked to ' . $degrees($this->celsius ?? Figure::CookedUnsaid->number()),
            TreatmentKind::Bake => 'baked at ' . ($this->oven?->set($this->oven()) ?? $degrees($this->oven())),
            TreatmentKind::Freeze => 'frozen to ' . $degrees($this->celsius ?? -18.0),
            TreatmentKind::Melt => 'blended warm' . ($this->celsius === null ? '' : ' at ' . $degrees($this->celsius)),
            TreatmentKind::Boil => 'boiled',
            TreatmentKind::Whip => 'whipped',
            TreatmentKind::None => 'mixed',
        };
        $told .= $this->minutes === null ? '' : \sprintf(' %g min', $this->minutes);

        // Of an oven "still" would say which oven.
        return $told . ($this->kind->isHot() && ($this->kind !== TreatmentKind::Bake || $this->stirred) ? ($this->stirred ? ', stirred' : ', still') : '') . ($this->air === null ? '' : \sprintf(', %g %% of a full foam', round(100 * $this->air)));
    }

    /** In the words {@see \Transmuta\Intake\TreatmentGrammar} reads. */
    public function words(): string
    {
        $words = match ($this->kind) {
            TreatmentKind::Cook => 'cook to ' . ($this->celsius ?? Figure::CookedUnsaid->number()) . ' C',
            TreatmentKind::Bake => 'bake ' . ($this->oven?->words($this->oven()) ?? $this->oven() . ' C'),
            TreatmentKind::Freeze => 'freeze ' . ($this->celsius ?? -18) . ' C',
            TreatmentKind::Melt => 'melt' . ($this->celsius === null ? '' : ' ' . $this->celsius . ' C'),
            TreatmentKind::Boil, TreatmentKind::Whip, TreatmentKind::None => $this->kind->value,
        };
        if ($this->minutes !== null) {
            $words .= ' ' . $this->minutes . ' min';
        }
        if ($this->kind === TreatmentKind::Bake ? $this->stirred : $this->kind->isHot()) {
            $words .= $this->stirred ? ' stirred' : ' still';
        }

        return $words . ($this->staged ? ' in stages' : '') . ($this->air === null ? '' : \sprintf(' air %g %%', round(100 * $this->air, 2)));
    }
}
