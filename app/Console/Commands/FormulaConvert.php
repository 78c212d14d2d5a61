<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Format\Converter;
use Transmuta\Format\Form;
use Transmuta\Shelf\IngredientList;

/** Prints a formula in another form, and nothing else; what that form cannot hold is said on standard error. */
final class FormulaConvert extends Command
{
    use ReadsFormula;

    protected $signature = 'formula:convert {file : A formula in any form; - reads standard input} {--to= : json, text, jsonld, csv, markdown or nutrition} {--recipe=1 : Which of several recipes in the file}';

    protected $description = 'Print a formula in another form';

    public function handle(): int
    {
        return $this->telling(function (): int {
            $to = $this->option('to');
            $form = Form::read(\is_string($to) ? $to : '', '--to');
            $engine = $this->engine();
            $recipe = $this->recipe($engine);
            if ($recipe === null) {
                return 2;
            }
            $converted = (new Converter(IngredientList::shipped(), $engine->method, $engine->lines))->to($form, $engine->read($recipe->formula));
            $this->output->write($converted->text, false, \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);
            foreach ($converted->lost as $lost) {
                $this->fault($lost);
            }

            return 0;
        });
    }
}
