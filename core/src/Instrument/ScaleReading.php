<?php

declare(strict_types=1);

namespace Transmuta\Instrument;

/** What a scale shows. */
final readonly class ScaleReading
{
    /**
     * @param 'stable'|'moving'|'over'|'gone' $state
     * @param ?float $grams null where it shows nothing
     * @param bool $isLow whether its battery is
     */
    public function __construct(public string $state, public ?float $grams, public bool $isLow) {}
}
