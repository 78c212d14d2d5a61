<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

/** GE % with its band (a step either way until trials narrow it), its texture kind, its mechanisms by size, and what this kitchen's own trials say of them. */
final readonly class SetReading
{
    /**
     * @param array<string, float> $mechanisms GE % by name, largest first
     * @param array<string, float> $unsure share by which a mechanism may be off for its weighing and its packet, one standard deviation
     */
    private function __construct(public float $ge, public float $low, public float $high, public string $kind, public array $mechanisms, public Strengths $strengths, public array $unsure) {}

    /**
     * @param array<string, float> $mechanisms
     * @param array<string, float> $unsure
     */
    public static function of(array $mechanisms, string $kind, ?Strengths $strengths = null, array $unsure = []): self
    {
        $ge = array_sum($mechanisms);
        $place = Ladder::coordinate($ge);

        $strengths ??= Strengths::none();
        // As much narrower as the chances are.
        $half = min(1.0, Spread::of($ge, $mechanisms, $strengths, $unsure) / Spread::of($ge, $mechanisms, Strengths::none()));

        return new self($ge, Ladder::ge($place - $half), Ladder::ge($place + $half), $kind, $mechanisms, $strengths, $unsure);
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
