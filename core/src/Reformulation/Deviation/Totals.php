<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Reference\Energy;

/** What a whole layer holds of everything that a brief can limit: g, kcal, and the kJ that protein owes to a fifth of its energy. */
final readonly class Totals
{
    public function __construct(public float $netCarbs, public float $protein, public float $kcal, public float $sugars, public float $fat, public float $deficit) {}

    /** @param array<string, float> $per100 nutrition per 100 g */
    public static function of(array $per100, float $mass): self
    {
        $g = $mass / 100;

        return new self($per100['net_carbs_g'] * $g, $per100['protein_g'] * $g, $per100['kcal'] * $g, $per100['sugars_g'] * $g, $per100['fat_g'] * $g, (0.2 * $per100['kj'] - Energy::kj('protein') * $per100['protein_g']) * $g);
    }

    public function plus(self $other): self
    {
        return new self($this->netCarbs + $other->netCarbs, $this->protein + $other->protein, $this->kcal + $other->kcal, $this->sugars + $other->sugars, $this->fat + $other->fat, $this->deficit + $other->deficit);
    }
}
