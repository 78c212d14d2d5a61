<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\Station;

/** One line of a plan: a step of a dish, a batch of it, or what the plan adds (an oven heated, a station cleaned). Moments in seconds. */
final readonly class Placed
{
    /**
     * @param ?int $item the dish's place in the service, from 0; null where it is nobody's alone
     * @param string $step the step's id; of what is added, an id that begins with its kind
     * @param int $hands s
     * @param int $unit from 1
     * @param ?int $cook from 1; null where nobody works
     * @param ?Task $task null for what is added
     * @param ?FixedState $state null where it is planned and may be moved
     */
    public function __construct(
        public ?int $item,
        public string $step,
        public string $kind,
        public ?int $batch,
        public int $start,
        public int $end,
        public int $hands,
        public Station $station,
        public int $unit,
        public ?int $cook,
        public string $text,
        public ?Task $task = null,
        public ?FixedState $state = null,
    ) {}
}
