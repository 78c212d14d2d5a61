<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

/** A line, or one of the several lines a line holds. */
final readonly class Part
{
    /**
     * @param string $text plain and in lower case
     * @param ?float $estimate g of the thing named, where no amount of its own is stated: an estimate
     * @param string $note for the end of the trace
     * @param bool $isUsual its amount is what is usual, not what was written
     */
    public function __construct(public string $text, public ?float $estimate = null, public string $note = '', public bool $isUsual = false) {}
}
