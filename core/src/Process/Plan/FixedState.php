<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

enum FixedState: string
{
    case Begun = 'begun';
    case Done = 'done';
    case Locked = 'locked';
}
