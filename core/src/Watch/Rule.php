<?php

declare(strict_types=1);

namespace Transmuta\Watch;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Warning;

/** One statement about what must not happen; reports every place it does. */
interface Rule
{
    public static function name(): string;

    /** @return iterable<Warning> */
    public function check(DishReading $dish, Models $models): iterable;
}
