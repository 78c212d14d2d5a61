<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

/**
 * Three-digit codes, by a seed and without repeats. None that means something in a kitchen: oven temperatures, round and repeated numbers, emergency
 * numbers (common practice).
 */
final class Codes
{
    private const MEANT = [100, 101, 110, 112, 111, 123, 115, 118, 911, 999, 666, 121];

    private readonly Dice $dice;

    /** @var array<int, true> */
    private array $given = [];

    public function __construct(Dice $dice)
    {
        $this->dice = $dice;
    }

    public function next(): int
    {
        if (\count($this->given) > 600) {
            throw new \LogicException('so many codes are not told apart');
        }
        do {
            $code = $this->dice->upTo(900) + 100;
        } while (isset($this->given[$code]) || self::isMeant($code));
        $this->given[$code] = true;

        return $code;
    }

    public static function isMeant(int $code): bool
    {
        // Ovens are set to tens, from 100 to 250.
        return \in_array($code, self::MEANT, true) || ($code % 10 === 0 && $code <= 260) || $code % 100 === 0 || $code % 111 === 0;
    }
}
