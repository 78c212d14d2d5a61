<?php

declare(strict_types=1);

namespace Transmuta\Instrument;

/** What a probe shows. */
final readonly class ProbeReading
{
    /**
     * @param 'steady'|'moving'|'air'|'gone' $state
     * @param ?float $celsius null where it shows nothing
     * @param ?float $elapsed s since it went in, by the clock of what it is in; null where it is in nothing
     * @param bool $isLow whether its battery is
     */
    public function __construct(public string $state, public ?float $celsius, public ?float $elapsed, public bool $isLow) {}
}
