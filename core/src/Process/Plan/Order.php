<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Diet\Diet;
use Transmuta\Property\DishReading;

/** A dish that is to be on the table: read for its portions, and the diet this version must be free for. */
final readonly class Order
{
    public function __construct(public DishReading $dish, public ?Diet $diet = null) {}
}
