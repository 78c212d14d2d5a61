<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Explanation\Blocked;
use Transmuta\Reformulation\Ranking\Route;

/** Routes that keep the brief, best first; and where there are none, what stands in the way and the nearest that can be had. */
final readonly class Answer
{
    /**
     * @param list<Route> $routes
     * @param list<Blocked> $blocked which limit, by how much it is missed, why, and the nearest
     * @param list<array{words: string, brief: ?Brief, portions: ?int}> $proposals each one press away: another brief, or other portions
     */
    public function __construct(public array $routes, public array $blocked, public array $proposals) {}
}
