<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

/**
 * One step of the making: hands first, then its wait. Its id is the same whatever the number of portions.
 */
final readonly class MakingStep
{
    /**
     * @param int $layer its place in the dish, from 0, bottom first; the last for what is done to the whole
     * @param list<array{ingredient: string, grams: float}> $lines what enters the mass here; each gram of the formula enters once
     * @param ?float $target °C: of the mass, of the oven for a bake
     * @param string $endpoint how a cook sees that it is done
     * @param float $hands min
     * @param list<string> $tools
     * @param list<string> $after ids of what must be done before
     * @param ?float $hold min its result may wait until the last step that uses it begins; null: no limit of its own
     * @param string $reason why it is so, where that is not plain; '' where it is
     */
    public function __construct(
        public string $id,
        public int $layer,
        public StepKind $kind,
        public string $text,
        public array $lines,
        public ?float $target,
        public string $endpoint,
        public float $hands,
        public Wait $wait,
        public Station $station,
        public array $tools,
        public array $after,
        public ?float $hold,
        public string $reason,
        public string $wrong,
        public string $rescue,
        public StepOrigin $origin = new StepOrigin(),
    ) {}
}
