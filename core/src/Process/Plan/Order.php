<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Diet\Diet;
use Transmuta\Property\DishReading;

/** A dish that is to be on the table: read for its portions, and the diets this version must be free for, all of them. */
final readonly class Order
{
    /** @param list<Diet> $diets */
    public function __construct(public DishReading $dish, public array $diets = []) {}
}
