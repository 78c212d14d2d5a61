<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** An ingredient a package brings: doses in % of the layer. */
final readonly class Agent
{
    /**
     * @param bool $names the route is named by it, so it keeps at least 0.35 of its typical dose
     * @param list<string> $prep its own sub-step
     */
    public function __construct(public string $id, public float $typical, public float $least, public float $most, public bool $names, public array $prep) {}
}
