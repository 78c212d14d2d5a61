<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Engine;
use Transmuta\Format\CoverJson;

/** Says which versions serve all who come, as one JSON object. */
final class ServiceCover extends Command
{
    use ReadsFormula;

    protected $signature = 'service:cover {file : Guests and versions as JSON (docs/service.md); - reads standard input}';

    protected $description = 'Print the fewest versions that serve all who come, as JSON';

    public function handle(): int
    {
        return $this->answered(static fn(array $data, Engine $engine): array => CoverJson::write((new CoverJson($engine->parse(...), $engine->read(...)))->covers($data)->cover()));
    }
}
