<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Diagnosis\Diagnosis;
use Transmuta\Diagnosis\FaultBook;
use Transmuta\Diagnosis\RunFacts;
use Transmuta\Fault\Nonsense;

/** Why a dessert went wrong, by its own numbers, as one JSON object. */
final class FaultFind extends Command
{
    use ReadsFormula;

    protected $signature = 'fault:find {file : A formula, or JSON of formula, layer and run (docs/learning.md); - reads standard input} {--fault= : What is wrong, in the words people use}';

    protected $description = 'Print the causes of a fault, likeliest first, with what would decide and what can be done, as JSON';

    public function handle(): int
    {
        $text = $this->text();
        if ($text === null) {
            return 2;
        }

        return $this->telling(function () use ($text): int {
            $fault = $this->option('fault');
            if (!\is_string($fault) || trim($fault) === '') {
                throw Nonsense::of('--fault', '', 'say what is wrong, such as "did not set"');
            }
            $data = self::decoded($text);
            $layer = $run = null;
            if (\is_array($data) && \array_key_exists('formula', $data)) {
                $formula = $data['formula'];
                $text = \is_string($formula) ? $formula : (\is_array($formula) ? json_encode($formula, \JSON_THROW_ON_ERROR) : throw Nonsense::sent('formula', $formula, 'give it as text or as JSON'));
                $layer = isset($data['layer']) ? (\is_string($data['layer']) ? $data['layer'] : throw Nonsense::sent('layer', $data['layer'], 'name a layer')) : null;
                $run = isset($data['run']) ? (\is_array($data['run']) ? RunFacts::read($data['run']) : throw Nonsense::sent('run', $data['run'], 'give the facts of the run as an object')) : null;
            }
            $engine = $this->engine();
            $dish = $engine->read($engine->parse($text));
            $this->json(self::printed((new Diagnosis(FaultBook::standard(), $engine->reader))->of($dish, $fault, $layer === null ? null : $dish->layersNamed($layer), $run)));

            return 0;
        });
    }

    /**
     * What is worked out from this formula stands before the words that hold for every one.
     *
     * @param array<string, mixed> $found
     *
     * @return array<string, mixed>
     */
    private static function printed(array $found): array
    {
        unset($found['layer_id']);
        $found['causes'] = array_map(static function (mixed $cause): array {
            \assert(\is_array($cause));
            /** @var ?array{words: list<string>, before: string, after: string} $change */
            $change = $cause['change'];
            /** @var list<array<string, mixed>> $next */
            $next = $cause['next'];
            unset($cause['change']);
            $said = $change === null ? [] : [['text' => ucfirst(implode(', ', $change['words'])) . ($change['after'] === $change['before'] ? "; “{$change['after']}” as now." : "; “{$change['after']}” instead of “{$change['before']}”.")]];

            $cause['next'] = [...$said, ...$next];

            return $cause;
        }, \is_array($found['causes']) ? $found['causes'] : []);

        return $found;
    }
}
