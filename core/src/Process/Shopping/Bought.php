<?php

declare(strict_types=1);

namespace Transmuta\Process\Shopping;

/** One thing that is bought: how much the dishes want, how much that is as it is sold, and the packs that bring it. */
final readonly class Bought
{
    /**
     * @param float $wanted g that enter the dishes
     * @param float $grams g to buy, what is thrown away counted in
     * @param list<array{name: string, grams: float}> $parts what is taken of it, where it is bought whole (yolk of eggs); none where it is itself
     * @param list<array{article: Article, packs: int}> $packs none where nobody's list has it
     * @param ?int $minor what they cost; null where nobody's list has it
     * @param list<array{what: string, grams: float}> $for
     * @param list<string> $onlyFor diets that are the only reason it is bought
     */
    public function __construct(public string $ingredient, public string $name, public float $wanted, public float $grams, public array $parts, public array $packs, public ?int $minor, public array $for, public array $onlyFor) {}

    /** g that are left over of the packs. */
    public function left(): float
    {
        return max(0.0, array_sum(array_map(static fn(array $one): float => $one['packs'] * $one['article']->grams, $this->packs)) - $this->grams);
    }
}
