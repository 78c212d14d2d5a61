<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Fault\Nonsense;
use Transmuta\Process\Costing\Costing;
use Transmuta\Process\Making\Making;

/** What a batch and a portion cost, as one JSON object. */
final class FormulaCost extends Command
{
    use ReadsFormula;

    protected $signature = 'formula:cost {file : A formula in any form; - reads standard input} {--currency=EUR : Three letters} {--labour= : Minor units an hour of hands} {--energy= : Minor units a kWh} {--packaging=0 : Minor units a portion}';

    protected $description = 'Print what a formula costs, line by line, with hands and energy, as JSON';

    public function handle(): int
    {
        return $this->telling(function (): int {
            $currency = $this->option('currency');
            if (!\is_string($currency) || preg_match('/^[A-Za-z]{3}$/', $currency) !== 1) {
                throw Nonsense::of('--currency', \is_string($currency) ? $currency : '', 'give the three letters of a currency, such as EUR');
            }
            $minor = 'give a number of minor units';
            $costing = Costing::at(Making::standard(), $this->number('labour', $minor), $this->number('energy', $minor), $this->number('packaging', $minor) ?? 0.0);
            $engine = $this->engine();
            $formula = $this->formula($engine);
            if ($formula === null) {
                return 2;
            }
            $this->json($costing->of($engine->read($formula))->write(strtoupper($currency)));

            return 0;
        });
    }
}
