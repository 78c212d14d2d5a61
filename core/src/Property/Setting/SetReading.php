<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

/** GE % with its band (a step either way until trials narrow it), its texture kind, its mechanisms by size, and what this kitchen's own trials say of them. */
final readonly class SetReading
{
    /** @param array<string, float> $mechanisms GE % by name, largest first */
    private function __construct(public float $ge, public float $low, public float $high, public string $kind, public array $mechanisms, public Strengths $strengths) {}

    /** @param array<string, float> $mechanisms */
    public static function of(array $mechanisms, string $kind, ?Strengths $strengths = null): self
    {
        $ge = array_sum($mechanisms);
        $place = Ladder::coordinate($ge);

        $strengths ??= Strengths::none();
        // As much narrower as the chances are.
        $half = Chances::width($ge, $mechanisms, $strengths) / Chances::width($ge, $mechanisms, Strengths::none());

        return new self($ge, Ladder::ge($place - $half), Ladder::ge($place + $half), $kind, $mechanisms, $strengths);
    }

    /** @return list<array{name: string, ge: float, share: float}> share 0…1 of the whole set */
    public function shares(): array
    {
        $list = [];
        foreach ($this->mechanisms as $name => $ge) {
            $list[] = ['name' => $name, 'ge' => round($ge, 3), 'share' => round($ge / max(1e-9, $this->ge), 3)];
        }

        return $list;
    }
}
