<?php

declare(strict_types=1);

namespace Transmuta\Trainer;

use Closure;
use Transmuta\Property\DishReading;
use Transmuta\Sensory\Dice;

/** Dishes an exercise is drawn from, each read only when it is looked at, and once. */
final class Pool
{
    /** @var array<int, ?DishReading> */
    private array $read = [];

    /** @param list<Closure(): ?DishReading> $dishes null where a dish cannot be read */
    public function __construct(private readonly array $dishes) {}

    /** @return iterable<int, DishReading> all of them, in an order by chance */
    public function drawn(Dice $dice): iterable
    {
        foreach ($dice->shuffled(array_keys($this->dishes)) as $n) {
            $dish = $this->at($n);
            if ($dish !== null) {
                yield $dish;
            }
        }
    }

    private function at(int $n): ?DishReading
    {
        if (!\array_key_exists($n, $this->read)) {
            $this->read[$n] = $this->dishes[$n]();
        }

        return $this->read[$n];
    }
}
