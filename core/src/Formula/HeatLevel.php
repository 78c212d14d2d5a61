<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** How hot something gets, as far as what sets and what is safe goes by it: never warmed, melted (from 33 °C), cooked (from 70 °C), boiled (from 95 °C). */
enum HeatLevel: int
{
    case Cold = 0;
    case Warm = 1;
    case Hot = 2;
    case Boil = 3;
}
