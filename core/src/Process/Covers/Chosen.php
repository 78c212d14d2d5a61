<?php

declare(strict_types=1);

namespace Transmuta\Process\Covers;

/** A version that is made, for whom, and how many portions of it. */
final readonly class Chosen
{
    /** @param list<int> $serves places of the guests, from 0 */
    public function __construct(public int $version, public int $portions, public array $serves) {}
}
