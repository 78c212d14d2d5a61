<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Formula\Layer;
use Transmuta\Property\LayerState;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\JobTable;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Deviation\Rails;
use Transmuta\Reformulation\Substitution\Draft;

final readonly class SolvedLayer
{
    /**
     * @param list<Rail> $rails after rounding
     * @param \Closure(): list<string> $blocks what keeps a property off its target; worked out when asked, for it solves again
     * @param Rails $by what the layer is held to
     * @param ?\Closure(bool): self $sheet the same as a hand weighs it ({@see KitchenSheet}), or, where that is said, only rounded; worked out when asked; null where it is that already
     */
    public function __construct(public Draft $draft, public Layer $layer, public LayerState $state, public array $rails, public \Closure $blocks, private Rails $by, private ?\Closure $sheet = null) {}

    /** @return list<Rail> how the same layer stands as another reading has it: by the method it is made by */
    public function judged(LayerState $state): array
    {
        return $this->by->of($state);
    }

    /**
     * The same as a hand weighs it.
     *
     * @param bool $isGentle whether nothing is left out or held, and only the weights are rounded
     */
    public function weighed(bool $isGentle = false): self
    {
        return $this->sheet === null ? $this : ($this->sheet)($isGentle);
    }

    public function fit(): float
    {
        return Rails::fit($this->rails);
    }

    /** How far its worst critical job is off, in verdict tolerances beyond what counts as paid; 0 where all are paid. */
    public function worst(LayerKind $kind): float
    {
        $worst = 0.0;
        foreach ($this->rails as $rail) {
            $job = Job::tryFrom($rail->property);
            if ($job !== null && $job->isCritical($kind)) {
                $worst = max($worst, abs($rail->residual) / JobTable::verdict($rail->property, $kind) - 1.0);
            }
        }

        return $worst + ($this->draft->lost === [] ? 0.0 : 1.0);
    }
}
