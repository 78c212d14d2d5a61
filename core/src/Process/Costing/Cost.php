<?php

declare(strict_types=1);

namespace Transmuta\Process\Costing;

/** What a batch costs. Money in integer minor units; each sum is the sum of what stands beside it. */
final readonly class Cost
{
    /**
     * @param list<CostLine> $lines what is bought, peel and shell counted in
     * @param list<string> $unpriced ingredients nobody has a price for, and lines nobody understands
     */
    public function __construct(public array $lines, public int $labour, public int $energy, public int $packaging, public int $portions, public array $unpriced) {}

    public function batch(): int
    {
        return array_sum(array_map(static fn(CostLine $one): int => $one->minor, $this->lines)) + $this->labour + $this->energy + $this->packaging;
    }

    public function portion(): int
    {
        return (int) round($this->batch() / max(1, $this->portions));
    }

    /** @return array<string, mixed> */
    public function write(string $currency): array
    {
        return [
            'currency' => $currency, 'lines' => array_map(static fn(CostLine $one): array => $one->write(), $this->lines), 'labour_minor' => $this->labour, 'energy_minor' => $this->energy, 'packaging_minor' => $this->packaging,
            'batch_minor' => $this->batch(), 'portion_minor' => $this->portion(), 'unpriced' => $this->unpriced,
        ];
    }
}
