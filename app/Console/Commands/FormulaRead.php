<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Format\ReadingJson;
use Transmuta\Intake\Recipe\Inference;

/** Prints the reading of a formula file as one JSON object. */
final class FormulaRead extends Command
{
    use ReadsFormula;

    protected $signature = 'formula:read {file : A formula, a pasted recipe, or a schema.org Recipe (JSON-LD or a page); - reads standard input} {--recipe=1 : Which of several recipes in the file}';
    protected $description = 'Read a formula and print what it is as JSON';

    public function handle(): int
    {
        return $this->telling(function (): int {
            $engine = $this->engine();
            $recipe = $this->recipe($engine);
            if ($recipe === null) {
                return 2;
            }
            $this->json([
                ...ReadingJson::write($engine->read($recipe->formula)),
                'inferred' => array_map(static fn(Inference $one): array => $one->toArray(), $recipe->inferred),
                'aside' => $recipe->aside,
                'others' => $recipe->others,
            ]);

            return 0;
        });
    }
}
