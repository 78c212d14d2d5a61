<?php

declare(strict_types=1);

namespace Transmuta\Property;

/** Whoever looks over a dish that was read and says what must not happen; the rules themselves know the readings, and the readings not them. */
interface Watcher
{
    /** @return list<Warning> most serious first */
    public function check(DishReading $dish, Models $models): array;
}
