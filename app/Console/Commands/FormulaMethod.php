<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Format\MakingJson;
use Transmuta\Process\Making\Making;

/** Prints the making of a formula as steps, and the temperatures that matter, as one JSON object. */
final class FormulaMethod extends Command
{
    use ReadsFormula;

    protected $signature = 'formula:method {file : A formula, a pasted recipe, or a schema.org Recipe; - reads standard input}';

    protected $description = 'Print how a formula is made, step by step, as JSON';

    public function handle(): int
    {
        return $this->telling(function (): int {
            $engine = $this->engine();
            $formula = $this->formula($engine);
            if ($formula === null) {
                return 2;
            }
            $this->json(MakingJson::write($engine->read($formula), Making::standard()));

            return 0;
        });
    }
}
