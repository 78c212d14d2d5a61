<?php

declare(strict_types=1);

namespace Transmuta\Format;

/** A formula in another form, and what that form could not hold. */
final readonly class Converted
{
    /** @param list<string> $lost each begins with the thing that is lost: "tins: round 230 x 50 mm" */
    public function __construct(public string $text, public array $lost = []) {}
}
