<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** What a layer must change for, beside its banned lines. */
final readonly class Wants
{
    /**
     * @param bool $sweetener its sugar must give way to something else
     * @param bool $protein it must hold more
     * @param bool $lean its fat must give way
     * @param bool $otherwise something is wanted otherwise than in the original, so that its lines may move further
     */
    public function __construct(public bool $sweetener = false, public bool $protein = false, public bool $lean = false, public bool $otherwise = false) {}

    public function nothing(): bool
    {
        return !$this->sweetener && !$this->protein && !$this->lean && !$this->otherwise;
    }
}
