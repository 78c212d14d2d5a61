<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** How an ingredient holds its fat, which decides what that fat does for the set. */
enum FatState: string
{
    case None = 'none';
    case Emulsion = 'emulsion';
    case Whippable = 'whippable';
    case Cheese = 'cheese';
    case RichCream = 'rich-cream';
    case CoconutCream = 'coconut-cream';
    case Continuous = 'continuous';
}
