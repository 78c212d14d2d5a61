<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** What a dish must change for, beside its banned lines: numbers of the brief that it misses as it stands, and how far a route goes for them. */
final readonly class Needs
{
    /**
     * @param bool $sweetener sugar must give way to something else
     * @param bool $protein more protein to the energy, or more of it
     * @param bool $lean fat must give way
     * @param bool $otherwise something is wanted otherwise than in the original, so that lines may move further
     * @param int $reach 0 lean swaps and powder, 1 part of the sugar too, 2 everything that carries energy
     */
    public function __construct(public bool $sweetener = false, public bool $protein = false, public bool $lean = false, public bool $otherwise = false, public int $reach = 0) {}

    public function nothing(): bool
    {
        return !$this->sweetener && !$this->protein && !$this->lean && !$this->otherwise;
    }

    public function reaching(int $reach): self
    {
        return new self($this->sweetener, $this->protein, $this->lean, $this->otherwise, $reach);
    }

    /**
     * Rows of the twins' table that may take part of a line that is not banned, nearest first.
     *
     * @return list<string>
     */
    public function rows(bool $isSugar): array
    {
        $rows = [];
        if ($this->sweetener || ($isSugar && $this->protein && $this->reach > 0)) {
            $rows = ['keto', 'low-sugar'];
        }

        return $isSugar ? $rows : [...($this->protein || $this->lean ? ['high-protein'] : []), ...$rows];
    }
}
