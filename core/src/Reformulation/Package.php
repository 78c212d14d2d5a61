<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Family;

/** A way to pay a debt: named agents that work together, and where they work. */
final readonly class Package
{
    /**
     * @param 'set'|'foam'|'body'|'sweet'|'protein'|'lean' $pays
     * @param list<Agent> $agents
     * @param list<string> $layers `still`, `stirred`, `cold`, `foam` or `any`
     * @param list<string> $families families it belongs to; empty for all
     * @param bool $lean whether it suits a layer that is to be low in fat
     */
    public function __construct(
        public string $id,
        public string $pays,
        public string $name,
        public string $mouth,
        public int $effortMinutes,
        public int $waitHours,
        public array $layers,
        public array $families,
        public ?float $minPh,
        public ?float $maxPh,
        public array $agents,
        public bool $lean = false,
    ) {}

    public function worksIn(string $layerKind, Family $family, ?float $ph): bool
    {
        return (\in_array($layerKind, $this->layers, true) || \in_array('any', $this->layers, true))
            && ($this->families === [] || \in_array($family->value, $this->families, true))
            && ($this->minPh === null || $ph === null || $ph >= $this->minPh)
            && ($this->maxPh === null || ($ph !== null && $ph <= $this->maxPh));
    }

    /** Keeps the dairy of a dish that may keep it. */
    public function keepsDairy(): bool
    {
        return str_starts_with($this->id, 'eggless-') || \in_array($this->id, ['foam-cream-kept', 'foam-aquafaba-cream', 'foam-potato-cream', 'egg-baked'], true);
    }
}
