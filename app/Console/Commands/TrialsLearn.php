<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Engine;
use Transmuta\Format\TrialsJson;

/** What a kitchen's own trials say of each mechanism, as one JSON object. */
final class TrialsLearn extends Command
{
    use ReadsFormula;

    protected $signature = 'trials:learn {file : Trials as JSON (docs/learning.md); - reads standard input}';

    protected $description = 'Print the factors a kitchen’s trials speak for, with their intervals, as JSON';

    public function handle(): int
    {
        return $this->answered(static fn(array $data, Engine $engine): array => (new TrialsJson($engine->parse(...), $engine->read(...)))->learn($data));
    }
}
