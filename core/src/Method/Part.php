<?php

declare(strict_types=1);

namespace Transmuta\Method;

/** A line of the formula, or a share of it, that goes in at a step. */
final readonly class Part
{
    /**
     * @param int $layer place of its layer, from 0
     * @param int $line place among the understood lines of the layer, from 0
     * @param float $share of the line, 0…1
     * @param string $named as the step names it
     * @param bool $isDrafted whether the share is a guess: "some of the sugar"
     */
    public function __construct(public int $layer, public int $line, public float $share, public string $named, public bool $isDrafted = false) {}

    /** The whole of the line of a key, such as "0.2". */
    public static function at(string $key): self
    {
        [$layer, $line] = array_map(intval(...), explode('.', $key));

        return new self($layer, $line, 1.0, '');
    }

    public function key(): string
    {
        return "$this->layer.$this->line";
    }
}
