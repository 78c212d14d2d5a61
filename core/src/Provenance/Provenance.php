<?php

declare(strict_types=1);

namespace Transmuta\Provenance;

/** A value's mark and the source that was named for it. */
final readonly class Provenance
{
    private function __construct(public Mark $mark, public string $source) {}

    public static function of(Mark $mark, string $source): self
    {
        return new self($mark, $source);
    }
}
