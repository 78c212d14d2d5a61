<?php

declare(strict_types=1);

namespace Transmuta\Diet;

/** A diet is met, not met, or unproven: a calculation never stands in for a packet or a certificate. */
enum Standing: string
{
    case Met = 'met';
    case NotMet = 'not met';
    case Unproven = 'unproven';
}
