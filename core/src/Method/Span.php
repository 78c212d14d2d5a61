<?php

declare(strict_types=1);

namespace Transmuta\Method;

/** How long, min: at least, at best, at the most; null where it was not said. */
final readonly class Span
{
    public function __construct(public ?float $least, public float $best, public ?float $most) {}
}
