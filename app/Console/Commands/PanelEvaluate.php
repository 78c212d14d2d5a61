<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Fault\Nonsense;
use Transmuta\Sensory\Evaluation;
use Transmuta\Sensory\Method;

/** What a tasting says: exact chance, difference, and the power it had, as one JSON object. */
final class PanelEvaluate extends Command
{
    use Prints;

    protected $signature = 'panel:evaluate {--test= : triangle, duo-trio or paired} {--n= : Tasters who answered} {--correct= : How many were right; of a pair, how many chose one sample} {--one-sided : Of a pair, where the direction was known beforehand} {--alpha=0.05} {--power=0.9 : Power that is wanted} {--pd=0.3 : Share of tasters who can tell that must not be missed}';

    protected $description = 'Print what a triangle, duo-trio or paired test says, as JSON';

    public function handle(): int
    {
        return $this->telling(function (): int {
            $test = $this->option('test');
            $method = Method::tryFrom(\is_string($test) ? $test : '') ?? throw Nonsense::of('--test', \is_string($test) ? $test : '', 'choose triangle, duo-trio or paired');
            $this->json(Evaluation::of($method, $this->whole('n'), $this->whole('correct'), $method === Method::Paired && $this->option('one-sided') !== true, $this->share('alpha'), $this->share('power'), $this->share('pd'))->write());

            return 0;
        });
    }

    private function whole(string $name): int
    {
        $value = $this->option($name);
        if (!\is_string($value) || preg_match('/^\d{1,9}$/', $value) !== 1) {
            throw Nonsense::of("--$name", \is_string($value) ? $value : '', 'give a whole number');
        }

        return (int) $value;
    }

    private function share(string $name): float
    {
        $mend = 'give a number between 0 and 1';

        return $this->number($name, $mend) ?? throw Nonsense::of("--$name", '', $mend);
    }
}
