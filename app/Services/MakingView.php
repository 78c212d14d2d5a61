<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Studio;
use App\Models\Version;
use Transmuta\Format\MakingJson;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Words\OwnMethod;
use Transmuta\Process\Words\ToldStep;
use Transmuta\Property\DishReading;

/** How a version is made, and how it is told: in its makers' own words where somebody wrote some, with amounts in the studio's own measures. */
final readonly class MakingView
{
    public function __construct(private Making $making, private OwnMethod $method) {}

    /** @return array<string, mixed> */
    public function of(Version $version, DishReading $dish, ?DishReading $was = null): array
    {
        $query = Studio::query();

        return [...MakingJson::write($dish, $this->making, $was, $query->findOrFail($version->studio_id)->ownMeasures()), 'told' => $this->told($version, $dish)];
    }

    /** @return list<array<string, mixed>> */
    public function told(Version $version, DishReading $dish): array
    {
        return array_map(static fn(ToldStep $told): array => $told->write(), $this->method->told($version->ownMethod(), $dish));
    }
}
