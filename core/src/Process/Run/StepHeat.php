<?php

declare(strict_types=1);

namespace Transmuta\Process\Run;

/** What the models expect of a step's temperature: in a pan, in the oven, or in the cold. */
final readonly class StepHeat
{
    /**
     * @param 'pan'|'oven'|'cold' $where
     * @param non-empty-list<array{float, float}> $expected s since it began and °C, in order of time
     * @param list<array{what: string, celsius: float, kind: 'reach'|'not_over'|'told'}> $marks lowest first
     * @param ?string $product the row of `reference/pasteurisation.csv` that speaks of its egg; null where there is no egg, or no published pair speaks of it
     * @param bool $hasEgg whether there is egg in it
     */
    public function __construct(public string $step, public string $where, public array $expected, public array $marks, public ?string $product, public bool $hasEgg = false) {}

    /** s at which the model is at a temperature, from the first point on; null where it never is. */
    public function reaches(float $celsius): ?float
    {
        $rises = $this->where !== 'cold';
        $before = null;
        foreach ($this->expected as $point) {
            if ($rises ? $point[1] >= $celsius : $point[1] <= $celsius) {
                return $before === null || $point[1] === $before[1] ? $point[0] : $before[0] + ($point[0] - $before[0]) * ($celsius - $before[1]) / ($point[1] - $before[1]);
            }
            $before = $point;
        }

        return null;
    }
}
