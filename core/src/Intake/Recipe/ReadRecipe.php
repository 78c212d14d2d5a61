<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Formula\Formula;

/** A text read: the dish, what of it is inferred, and what was set aside. */
final readonly class ReadRecipe
{
    /**
     * @param list<Inference> $inferred
     * @param list<string> $aside rows that are no part of the formula: times, notes, what it is served with
     * @param list<string> $others titles of further recipes in the same file
     * @param ?string $text the rows it was read from, where it came in another form than text
     */
    public function __construct(public Formula $formula, public array $inferred = [], public array $aside = [], public array $others = [], public ?string $text = null) {}
}
