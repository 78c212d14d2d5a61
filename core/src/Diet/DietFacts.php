<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Shelf\Ingredient;

/** What of a dish decides whether it meets a diet. */
final readonly class DietFacts
{
    /**
     * @param list<Ingredient> $ingredients in the dish
     * @param array<string, float> $portion nutrition of one portion
     * @param list<string> $questions what has to be answered first: lines not understood, guesses not confirmed
     * @param ?float $netCarbLimit g of net carbs a portion that are keto; common practice's where null
     * @param ?float $proteinFloor g of protein a portion that are asked for besides
     * @param ?array<string, float> $original nutrition of one portion of what it was reformulated from
     * @param bool $heated whether anything in it is heated
     * @param ?float $proteinPortion g of protein a portion that count as high; the share of energy where null
     * @param list<string> $guessed ids that are in the dish by a guess alone: they break no diet and meet none
     */
    public function __construct(
        public array $ingredients,
        public array $portion,
        public array $questions = [],
        public ?float $netCarbLimit = null,
        public ?float $proteinFloor = null,
        public ?EvidenceBook $book = null,
        public ?array $original = null,
        public bool $heated = false,
        public ?float $proteinPortion = null,
        public array $guessed = [],
    ) {}
}
