<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Fault\Nonsense;
use Transmuta\Label\Label;
use Transmuta\Label\Market;

/** What a label of a formula says in a market, as one JSON object. */
final class FormulaLabel extends Command
{
    use ReadsFormula;

    protected $signature = 'formula:label {file : A formula in any form; - reads standard input} {--regime=eu : eu, uk, us, ca, anz or in} {--recipe=1 : Which of several recipes}';

    protected $description = 'Print the label of a formula by the rules of a market, as recalled, as JSON';

    public function handle(): int
    {
        return $this->telling(function (): int {
            $said = $this->option('regime');
            $market = Market::tryFrom(\is_string($said) ? mb_strtolower(trim($said)) : '') ?? throw Nonsense::of('--regime', \is_string($said) ? $said : '', 'choose eu, uk, us, ca, anz or in');
            $engine = $this->engine();
            $formula = $this->formula($engine);
            if ($formula === null) {
                return 2;
            }
            $this->json(Label::of($engine->read($formula), $market)->write());

            return 0;
        });
    }
}
