<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Format\ReadingJson;

/** Prints the reading of a formula file as one JSON object. */
final class FormulaRead extends Command
{
    use ReadsFormula;

    protected $signature = 'formula:read {file : A formula in the text or JSON form; - reads standard input}';
    protected $description = 'Read a formula and print what it is as JSON';

    public function handle(): int
    {
        $engine = $this->engine();
        $formula = $this->formula($engine);
        if ($formula === null) {
            return 2;
        }
        $this->json(ReadingJson::write($engine->read($formula)));

        return 0;
    }
}
