<?php

declare(strict_types=1);

namespace Transmuta\Trial\Pots;

/** What a ladder of pots is about. */
enum Asked: string
{
    case Set = 'set';
    case Sweetness = 'sweetness';
    case Sharpness = 'sharpness';
}
