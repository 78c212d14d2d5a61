<?php

declare(strict_types=1);

namespace Transmuta\Process\Costing;

/** What one line of a formula costs: the grams that are bought for it, and whose price that is by. */
final readonly class CostLine
{
    /**
     * @param float $bought g, peel and shell counted in
     * @param ?array{minor_per_kg: float, supplier: string, name: string, dated_on: string} $by a supplier’s price; null where it is the shelf’s own
     */
    public function __construct(public string $ingredient, public float $bought, public int $minor, public ?array $by) {}

    /** @return array{ingredient: string, grams_bought: float, minor: int} */
    public function write(): array
    {
        return ['ingredient' => $this->ingredient, 'grams_bought' => $this->bought, 'minor' => $this->minor];
    }
}
