<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** How sure the intake is of a line; never silent about a guess. */
enum Confidence: string
{
    case Sure = 'sure';
    case Likely = 'likely';
    case Guess = 'guess';
}
