<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

/** GE % with its band (a step either way until trials narrow it), its texture kind and its mechanisms by size. */
final readonly class SetReading
{
    /** @param array<string, float> $mechanisms GE % by name, largest first */
    private function __construct(public float $ge, public float $low, public float $high, public string $kind, public array $mechanisms) {}

    /** @param array<string, float> $mechanisms */
    public static function of(array $mechanisms, string $kind): self
    {
        $ge = array_sum($mechanisms);
        $place = Ladder::coordinate($ge);

        return new self($ge, Ladder::ge($place - 1.0), Ladder::ge($place + 1.0), $kind, $mechanisms);
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
