<?php

declare(strict_types=1);

namespace Transmuta\Process\Run;

/** A line as it is weighed out: how much, how near, and what was weighed. */
final readonly class Weighing
{
    /**
     * @param string $step the step it enters at
     * @param float $asked g, as it now stands
     * @param float $tolerance g either way
     * @param ?float $weighed g; null where it is not weighed yet
     * @param ?string $solution how a dose under what the scale shows is weighed
     */
    public function __construct(public int $layer, public string $step, public string $ingredient, public string $name, public float $asked, public float $tolerance, public ?float $weighed, public ?string $solution) {}

    public function isOff(): bool
    {
        return $this->weighed !== null && abs($this->weighed - $this->asked) > $this->tolerance + 1e-9;
    }
}
