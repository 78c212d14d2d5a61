<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Treatment;

/** What a layer must change for, beside its banned lines. */
final readonly class Wants
{
    /**
     * @param bool $sweetener its sugar must give way to something else
     * @param bool $protein it must hold more
     * @param bool $lean its fat must give way
     * @param bool $otherwise something is wanted otherwise than in the original, so that its lines may move further
     * @param ?Treatment $treatment the heat it gets instead of its own
     */
    public function __construct(public bool $sweetener = false, public bool $protein = false, public bool $lean = false, public bool $otherwise = false, public ?Treatment $treatment = null) {}

    public function treated(?Treatment $treatment): self
    {
        return $treatment === $this->treatment ? $this : new self($this->sweetener, $this->protein, $this->lean, $this->otherwise, $treatment);
    }

    /** The same for a layer that does not name the route: what it must hold is the leading layer's affair. */
    public function elsewhere(): self
    {
        return new self($this->sweetener, false, $this->lean, false);
    }

    public function nothing(): bool
    {
        return !$this->sweetener && !$this->protein && !$this->lean && !$this->otherwise && $this->treatment === null;
    }
}
