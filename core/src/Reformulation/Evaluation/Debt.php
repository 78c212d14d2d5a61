<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

use Transmuta\Reformulation\Deviation\Job;

/** One job of one layer after a swap: what the original had of it, what there is now, who did it and who does it. */
final readonly class Debt
{
    /**
     * @param int $layer place of the layer, from 0
     * @param float $was what the original had, in `unit`
     * @param float $now what there is
     * @param float $off distance in verdict tolerances; 1 or less is paid
     * @param list<string> $from ingredient ids that did the job in the original, most first
     * @param list<string> $by ingredient ids that do it now, most first
     * @param string $why in words, empty where it is paid
     */
    public function __construct(
        public int $layer,
        public string $layerName,
        public Job $job,
        public float $was,
        public float $now,
        public string $unit,
        public float $off,
        public bool $critical,
        public DebtState $state,
        public array $from,
        public array $by,
        public string $why,
    ) {}

    public function isOpen(): bool
    {
        return $this->state !== DebtState::Paid;
    }

    /** "Filling: less sweet: sweetness 21 SE, was 31 SE; it came from sugar". */
    public function words(): string
    {
        return \sprintf('%s: %s', $this->layerName, $this->why);
    }
}
