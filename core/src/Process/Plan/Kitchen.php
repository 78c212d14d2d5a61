<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\Station;

/** What a kitchen has: hands, hours, and how many of each station. Benches are as many as are wanted. */
final readonly class Kitchen
{
    /**
     * @param list<float> $mixers litres of each bowl
     * @param int $fridge shelves
     * @param int $freezer shelves
     */
    public function __construct(
        public int $cooks,
        public Hours $hours,
        public int $ovens,
        public int $rings,
        public array $mixers,
        public int $fridge,
        public int $freezer,
        public int $blenders = 1,
    ) {}

    /** How many of a station there are; null where nobody counts them. */
    public function units(Station $station): ?int
    {
        return match ($station) {
            Station::Bench => null,
            Station::Hob => $this->rings,
            Station::Oven => $this->ovens,
            Station::Mixer => \count($this->mixers),
            Station::Blender => $this->blenders,
            Station::Fridge => $this->fridge,
            Station::Freezer => $this->freezer,
        };
    }

    public function withCooks(int $cooks): self
    {
        return new self($cooks, $this->hours, $this->ovens, $this->rings, $this->mixers, $this->fridge, $this->freezer, $this->blenders);
    }

    public function open(Hours $hours): self
    {
        return new self($this->cooks, $hours, $this->ovens, $this->rings, $this->mixers, $this->fridge, $this->freezer, $this->blenders);
    }

    /** One more of a station, as large as the largest there is; 5 litres where there is no mixer. */
    public function oneMore(Station $station): self
    {
        return new self(
            $this->cooks,
            $this->hours,
            $this->ovens + ($station === Station::Oven ? 1 : 0),
            $this->rings + ($station === Station::Hob ? 1 : 0),
            $station === Station::Mixer ? [...$this->mixers, $this->mixers === [] ? 5.0 : max($this->mixers)] : $this->mixers,
            $this->fridge + ($station === Station::Fridge ? 1 : 0),
            $this->freezer + ($station === Station::Freezer ? 1 : 0),
            $this->blenders + ($station === Station::Blender ? 1 : 0),
        );
    }
}
