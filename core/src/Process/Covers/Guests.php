<?php

declare(strict_types=1);

namespace Transmuta\Process\Covers;

use Transmuta\Diet\Diet;

/** Some of those who come, alike in what they may eat. */
final readonly class Guests
{
    /**
     * @param list<Diet> $diets all of which what they get must meet
     * @param list<string> $without allergens it must not contain, by their names in EU law; "may contain" counts as contains
     */
    public function __construct(public int $count, public array $diets, public array $without) {}
}
