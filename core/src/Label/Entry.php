<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Shelf\Ingredient;

/** One thing in a list of ingredients: what it is called, how much goes in at the time of use, and what it is printed as. */
final readonly class Entry
{
    /**
     * @param float $percent of the finished food
     * @param list<string> $allergens words of the market
     */
    public function __construct(public string $name, public string $printed, public float $grams, public float $percent, public ?string $quid, public ?string $class, public array $allergens, public ?Ingredient $of) {}

    /** @return array<string, mixed> */
    public function write(): array
    {
        return ['name' => $this->name, 'grams' => $this->grams, 'percent' => $this->percent, 'quid' => $this->quid, 'class' => $this->class, 'allergens' => $this->allergens];
    }
}
