<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/**
 * How sure the intake is of a line; never silent about a guess. `sure`: every word is accounted for. `likely`: the ingredient is, and the
 * amount is a usual one (an egg without a size). `guess`: what is meant is not certain; until it is confirmed nothing is stated from it.
 */
enum Confidence: string
{
    case Sure = 'sure';
    case Likely = 'likely';
    case Guess = 'guess';

    /** The less sure of two. */
    public function atMost(self $other): self
    {
        return $this->order() >= $other->order() ? $this : $other;
    }

    private function order(): int
    {
        return match ($this) {
            self::Sure => 0,
            self::Likely => 1,
            self::Guess => 2,
        };
    }
}
