<?php

declare(strict_types=1);

namespace Transmuta\Process\Covers;

/** Which versions are made for those who come, who gets none and why, and what must be answered before anybody is served. */
final readonly class Cover
{
    /**
     * @param list<Chosen> $chosen
     * @param list<array{guest: int, why: string}> $unserved
     * @param list<string> $questions
     * @param float $cost minor units of all portions, by the prices there are
     * @param float $dearer minor units by which it may be dearer than the best with as few versions and questions; 0 where it is the best
     */
    public function __construct(public array $chosen, public array $unserved, public array $questions, public float $cost, public float $dearer = 0.0) {}
}
