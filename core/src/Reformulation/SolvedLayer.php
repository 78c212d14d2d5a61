<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Layer;
use Transmuta\Property\LayerState;

final readonly class SolvedLayer
{
    /**
     * @param list<Rail> $rails after rounding
     * @param \Closure(): list<string> $blocks what keeps a property off its target; worked out when asked, for it solves again
     */
    public function __construct(public LayerPlan $plan, public Layer $layer, public LayerState $state, public array $rails, public \Closure $blocks) {}

    public function fit(): float
    {
        return Rails::fit($this->rails);
    }
}
