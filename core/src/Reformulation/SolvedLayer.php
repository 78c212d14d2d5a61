<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Layer;

final readonly class SolvedLayer
{
    /**
     * @param list<Rail> $rails after rounding
     * @param list<string> $blocks
     */
    public function __construct(public LayerPlan $plan, public Layer $layer, public array $rails, public array $blocks) {}

    public function fit(): float
    {
        return Rails::fit($this->rails);
    }
}
