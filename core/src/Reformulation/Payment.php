<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** One ingredient that would pay what nobody pays in a layer, and what it would cost. */
final readonly class Payment
{
    /**
     * @param float $grams to put in, beside what of it is there already, g
     * @param float $pays share of what is short that it pays, 0…1
     * @param list<string> $prep form it goes in as, values of {@see \Transmuta\Formula\Form}
     * @param list<string> $moves properties that are met without it and are not with it
     * @param string $note what it does on the plate, in the words of the means' table
     */
    public function __construct(public string $ingredient, public float $grams, public float $pays, public array $prep, public array $moves, public string $note) {}

    /** @return array{ingredient: string, grams: float, pays: float, prep: list<string>, moves: list<string>, note: string} */
    public function toArray(): array
    {
        return ['ingredient' => $this->ingredient, 'grams' => $this->grams, 'pays' => round($this->pays, 2), 'prep' => $this->prep, 'moves' => $this->moves, 'note' => $this->note];
    }
}
