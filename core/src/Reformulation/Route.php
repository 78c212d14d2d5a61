<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Property\DishReading;

/** One way to the brief: a formula solved for its grams, with how close it comes and what changes. */
final readonly class Route
{
    /**
     * @param array<string, list<Rail>> $rails by layer name
     * @param list<string> $blockedBy
     * @param list<array{layer: string, out: list<array{ingredient: string, name: string, grams: float}>, in: list<array{ingredient: string, name: string, grams: float}>, why: string}> $changes
     * @param list<string> $steps the method
     * @param list<string> $newAllergens
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $mouth,
        public float $fit,
        public bool $met,
        public array $rails,
        public array $blockedBy,
        public DishReading $result,
        public array $changes,
        public array $steps,
        public int $effortMinutes,
        public int $waitHours,
        public array $newAllergens,
        public int $risks,
        public float $score,
    ) {}
}
