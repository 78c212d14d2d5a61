<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/** A plan that can be cooked, or what stands in its way. `lowerBound`: no plan with these ages can take less from its first start to the service. */
final readonly class Plan
{
    /**
     * @param list<Placed> $steps in the order in which they begin; [] where something is blocked
     * @param list<Obstacle> $blocked
     * @param ?int $span s from the first start to the service; null where something is blocked
     * @param ?int $lowerBound s; null where no plan can be thought of
     * @param ?int $spare s by which what is left could begin later, waiting only as long as it must; null where no now was given
     * @param list<string> $shortened what ripens less than is best, because there is no time
     */
    public function __construct(public Service $service, public array $steps, public array $blocked, public ?int $span, public ?int $lowerBound, public array $shortened = [], public ?int $spare = null) {}
}
