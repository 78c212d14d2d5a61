<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

final readonly class Solution
{
    /**
     * @param list<float> $x
     * @param string $status `settled`, `no lower point` or `most iterations`
     * @param list<float> $residuals
     * @param list<list<float>> $jacobian at the last point tried, by share of each bound's width
     */
    public function __construct(public array $x, public float $objective, public int $iterations, public string $status, public array $residuals, public array $jacobian) {}
}
