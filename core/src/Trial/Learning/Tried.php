<?php

declare(strict_types=1);

namespace Transmuta\Trial\Learning;

use Transmuta\Property\Setting\SetReading;

/** One trial of a layer: what the shipped model foretold, and what was found. */
final readonly class Tried
{
    public function __construct(public string $batch, public SetReading $foretold, public Finding $found) {}
}
