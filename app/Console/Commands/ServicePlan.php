<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Engine;
use Transmuta\Format\PlanJson;
use Transmuta\Format\ServiceJson;
use Transmuta\Process\Plan\Planner;

/** Plans a service backwards from the moment it is served, as one JSON object. */
final class ServicePlan extends Command
{
    use ReadsFormula;

    protected $signature = 'service:plan {file : A service as JSON (docs/service.md); - reads standard input}';

    protected $description = 'Print when every step of a service is done, by whom and where, as JSON';

    public function handle(): int
    {
        return $this->answered(static fn(array $data, Engine $engine): array => PlanJson::write(Planner::standard()->plan((new ServiceJson($engine->parse(...), $engine->read(...)))->service($data))));
    }
}
