<?php

declare(strict_types=1);

namespace Transmuta\Process\Run;

/** What balances a layer again after something came short or over: what is not weighed yet, by one factor. */
final readonly class Rescale
{
    public function __construct(public int $layer, public float $factor, public string $text) {}
}
