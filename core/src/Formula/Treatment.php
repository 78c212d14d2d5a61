<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/**
 * What is done to a whole layer: how hot (°C; oven temperature when baked), how long (minutes), stirred or still, and the share of air
 * (0…1 of a full foam) where it is stated rather than computed from what foams.
 */
final readonly class Treatment
{
    private function __construct(
        public TreatmentKind $kind,
        public ?float $celsius,
        public ?float $minutes,
        public bool $stirred,
        public ?float $air,
    ) {}

    /** @throws Nonsense if the temperature is outside −40…300 °C, the time negative or the air outside 0…1 */
    public static function of(TreatmentKind $kind, ?float $celsius = null, ?float $minutes = null, ?bool $stirred = null, ?float $air = null): self
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

        return new self($kind, $celsius, $minutes, $stirred ?? $kind !== TreatmentKind::Bake, $air);
    }

    public static function none(): self
    {
        return self::of(TreatmentKind::None);
    }

    /** Reaches at least this core temperature; a baked layer reaches 85 °C in its middle, a boiled one 100. */
    public function reaches(float $celsius): bool
    {
        return match ($this->kind) {
            TreatmentKind::Boil => $celsius <= 100.0,
            TreatmentKind::Bake => $celsius <= 88.0,
            TreatmentKind::Cook => $celsius <= ($this->celsius ?? 82.0),
            TreatmentKind::Melt => $celsius <= ($this->celsius ?? 50.0),
            TreatmentKind::Whip, TreatmentKind::Freeze, TreatmentKind::None => $celsius <= ($this->celsius ?? 20.0),
        };
    }

    public function words(): string
    {
        $words = match ($this->kind) {
            TreatmentKind::Cook => 'cook to ' . ($this->celsius ?? 82) . ' C',
            TreatmentKind::Bake => 'bake ' . ($this->celsius ?? 150) . ' C',
            TreatmentKind::Freeze => 'freeze ' . ($this->celsius ?? -18) . ' C',
            TreatmentKind::Melt => 'melt' . ($this->celsius === null ? '' : ' ' . $this->celsius . ' C'),
            TreatmentKind::Boil, TreatmentKind::Whip, TreatmentKind::None => $this->kind->value,
        };
        if ($this->minutes !== null) {
            $words .= ' ' . $this->minutes . ' min';
        }
        if ($this->kind->isHot()) {
            $words .= $this->stirred ? ' stirred' : ' still';
        }

        return $words;
    }
}
