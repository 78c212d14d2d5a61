<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Figure;

/**
 * What is done to a whole layer, step after step: whipped and then frozen, boiled and then baked. Each mechanism of the set asks for the step
 * that meets its condition; air, ice and safety follow the order.
 */
final readonly class Treatment
{
    /** Most steps one layer takes. */
    public const MOST_STEPS = 8;

    /** @param list<TreatmentStep> $steps in order; none where nothing is done */
    private function __construct(public array $steps) {}

    /** @throws Nonsense if the temperature is outside −40…300 °C, the time negative or the air outside 0…1 */
    public static function of(TreatmentKind $kind, ?float $celsius = null, ?float $minutes = null, ?bool $stirred = null, ?float $air = null): self
    {
        return self::sequence(TreatmentStep::of($kind, $celsius, $minutes, $stirred, $air));
    }

    /** @throws Nonsense if there are more steps than a layer takes */
    public static function sequence(TreatmentStep ...$steps): self
    {
        $done = array_values(array_filter($steps, static fn(TreatmentStep $s): bool => $s->kind !== TreatmentKind::None || $s->air !== null));
        if (\count($done) > self::MOST_STEPS) {
            throw Nonsense::of('treat', \sprintf('%d steps', \count($done)), \sprintf('a layer takes at most %d steps', self::MOST_STEPS));
        }

        return new self($done);
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function isNone(): bool
    {
        return $this->step(TreatmentKind::Cook, TreatmentKind::Bake, TreatmentKind::Boil, TreatmentKind::Whip, TreatmentKind::Melt, TreatmentKind::Freeze) === null;
    }

    /** The first step of one of these kinds; null where there is none. */
    public function step(TreatmentKind ...$kinds): ?TreatmentStep
    {
        foreach ($this->steps as $step) {
            if (\in_array($step->kind, $kinds, true)) {
                return $step;
            }
        }

        return null;
    }

    public function has(TreatmentKind $kind): bool
    {
        return $this->step($kind) !== null;
    }

    /** Cooked, boiled or baked at some point. */
    public function isHot(): bool
    {
        return $this->step(TreatmentKind::Cook, TreatmentKind::Bake, TreatmentKind::Boil) !== null;
    }

    public function bakes(): bool
    {
        return $this->has(TreatmentKind::Bake);
    }

    public function boils(): bool
    {
        return $this->has(TreatmentKind::Boil);
    }

    public function freezes(): bool
    {
        return $this->has(TreatmentKind::Freeze);
    }

    /** Reaches at least this core temperature in one of its steps. */
    public function reaches(float $celsius): bool
    {
        foreach ($this->steps === [] ? [TreatmentStep::of(TreatmentKind::None)] : $this->steps as $step) {
            if ($step->reaches($celsius)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether what is whipped and folded in reaches a core temperature: by a step after the last whipping, or, where the layer itself is never whipped,
     * by its baking. A pan that is stirred before the foam goes in does not heat the foam.
     */
    public function heatsAfterWhipping(float $celsius): bool
    {
        $after = null;
        foreach ($this->steps as $n => $step) {
            $after = $step->kind === TreatmentKind::Whip ? $n : $after;
        }
        foreach ($this->steps as $n => $step) {
            if (($after === null ? $step->kind === TreatmentKind::Bake : $n > $after) && $step->reaches($celsius)) {
                return true;
            }
        }

        return false;
    }

    /** The step in which what coagulates sets: the first that is hot enough for it, else the last hot one. */
    public function settingStep(): ?TreatmentStep
    {
        $last = null;
        foreach ($this->steps as $step) {
            if ($step->kind->isHot()) {
                $last = $step;
                if ($step->reaches(Figure::EggSets->number())) {
                    return $step;
                }
            }
        }

        return $last;
    }

    /** Whether what coagulates in it sets stirred, or nothing in it is heated. */
    public function isStirred(): bool
    {
        return $this->settingStep()->stirred ?? ($this->steps[0]->stirred ?? true);
    }

    /** The step in a stirred pan that heats it: cooked or boiled while it is stirred. */
    public function inPan(): ?TreatmentStep
    {
        foreach ($this->steps as $step) {
            if ($step->kind->isHot() && $step->stirred) {
                return $step;
            }
        }

        return null;
    }

    /** Whipped, and not heated in a stirred pan or melted afterwards, which lets the air go. Baked or frozen foams keep theirs. */
    public function isWhipped(): bool
    {
        $whipped = false;
        foreach ($this->steps as $step) {
            $whipped = match (true) {
                $step->kind === TreatmentKind::Whip, ($step->air ?? 0.0) > 0.2 => true,
                $step->kind === TreatmentKind::Melt, $step->kind->isHot() && $step->stirred => false,
                default => $whipped,
            };
        }

        return $whipped;
    }

    /** Air as stated, 0…1 of a full foam, by the last step that states it; null where none does. */
    public function air(): ?float
    {
        $air = null;
        foreach ($this->steps as $step) {
            $air = $step->air ?? $air;
        }

        return $air;
    }

    /** Temperature the layer goes into the cold with, °C: that of the last step before the freezer. */
    public function leavesAt(): float
    {
        $at = 20.0;
        foreach ($this->steps as $step) {
            $at = $step->kind === TreatmentKind::Freeze ? $at : $step->leavesAt();
        }

        return $at;
    }

    /** The same with the first step of that kind replaced, or with the step added at the end where there is none. */
    public function with(TreatmentStep $new): self
    {
        $steps = $this->steps;
        foreach ($steps as $n => $step) {
            if ($step->kind === $new->kind) {
                $steps[$n] = $new;

                return self::sequence(...$steps);
            }
        }

        return self::sequence(...$steps, ...[$new]);
    }

    /** The same with every hot step replaced by one, in the place of the first; at the beginning where none is hot. */
    public function heatedBy(TreatmentStep $new): self
    {
        $steps = [];
        $placed = false;
        foreach ($this->steps as $step) {
            if ($step->kind->isHot()) {
                $steps = $placed ? $steps : [...$steps, $new];
                $placed = true;
                continue;
            }
            $steps[] = $step;
        }

        return self::sequence(...($placed ? $steps : [$new, ...$steps]));
    }

    /** The same without its steps of these kinds. */
    public function without(TreatmentKind ...$kinds): self
    {
        return self::sequence(...array_filter($this->steps, static fn(TreatmentStep $s): bool => !\in_array($s->kind, $kinds, true)));
    }

    /** As a cook tells it: "whipped, then frozen to −18 °C". */
    public function told(): string
    {
        return $this->steps === [] ? 'not heated' : implode(', then ', array_map(static fn(TreatmentStep $s): string => $s->told(), $this->steps));
    }

    /** In the words {@see \Transmuta\Intake\TreatmentGrammar} reads: "whip; freeze -18 C". */
    public function words(): string
    {
        return $this->steps === [] ? 'none' : implode('; ', array_map(static fn(TreatmentStep $s): string => $s->words(), $this->steps));
    }
}
