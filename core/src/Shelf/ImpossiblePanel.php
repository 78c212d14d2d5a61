<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Fault\Failure;

/** A packet's panel that cannot be: every reason, by field, with the mend. */
final class ImpossiblePanel extends \DomainException implements Failure
{
    /** @param array<string, string> $reasons by field */
    public function __construct(public readonly array $reasons)
    {
        parent::__construct((string) reset($reasons));
    }
}
