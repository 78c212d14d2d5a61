<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance by a seed: the same seed throws the same. */
final class Dice
{
    private readonly Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    /** @return int from 0, below $count */
    public function upTo(int $count): int
    {
        return $this->randomizer->getInt(0, $count - 1);
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return list<T>
     */
    public function shuffled(array $of): array
    {
        return array_values($this->randomizer->shuffleArray($of));
    }
}
