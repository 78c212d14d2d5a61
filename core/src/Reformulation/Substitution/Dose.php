<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** How much of something comes in, g: typically, at least and at most. */
final readonly class Dose
{
    /** @param bool $names whether the route is named by it, so that it stays */
    public function __construct(public float $typical, public float $least, public float $most, public bool $names = false) {}
}
