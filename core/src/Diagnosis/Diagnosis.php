<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Diet\Diet;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Reference\Figure;

/**
 * What went wrong and why: the causes of a fault weighed by this formula's own numbers and the run's, the likeliest first, with what would decide and
 * what can be done. A weight is common practice from memory; no chance here is a measurement.
 */
final readonly class Diagnosis
{
    /** Log-odds of a cause by its rank among those of its fault. */
    private const RANKS = [0.0, -0.7, -1.4, -2.0];

    /** What is wrong with an agent of its own is said there, not as "an agent not awake". */
    private const OF_AGENTS = ['gelatin_no_set', 'agar_weak', 'citrus_no_set', 'pectin_no_set'];

    /** @param list<Diet> $wanted what the dish is made for */
    public function __construct(private FaultBook $book, private Reader $reader, private PastTrials $past = new PastTrials(), private array $wanted = []) {}

    /**
     * @param ?non-empty-list<LayerReading> $layers those that may be meant; null to weigh every layer that could show it
     *
     * @return array{fault: string, layer: string, layer_id: string, stops: list<string>, cautions: list<string>, causes: list<array<string, mixed>>}
     *
     * @throws Nonsense if nobody knows the fault
     */
    public function of(DishReading $dish, string $said, ?array $layers = null, ?RunFacts $run = null): array
    {
        $run ??= RunFacts::read([]);
        $faults = $this->book->named($said);
        $layers ??= $dish->layers;
        $best = null;
        foreach ($layers as $layer) {
            $causes = $this->causes($faults, new Measured($dish, $layer, $run, $this->reader->set, $this->book), $dish);
            // The layer whose numbers speak loudest; where none does, the heaviest.
            $weight = $causes === [] ? -\INF : max(array_map(static fn(Cause $c): float => $c->score, $causes));
            if ($causes !== [] && ($best === null || [$weight, $layer->state->mass] > [$best['weight'], $best['mass']])) {
                $best = ['weight' => $weight, 'mass' => $layer->state->mass, 'layer' => $layer, 'causes' => $causes];
            }
        }
        $causes = $best['causes'] ?? [];
        $shown = $best['layer'] ?? $layers[0];
        $next = new NextTime($this->book, $this->reader, $this->wanted);
        $sum = array_sum(array_map(static fn(Cause $c): float => exp($c->score), $causes));

        return [
            'fault' => $said,
            'layer' => $shown->layer->name,
            'layer_id' => $shown->layer->id,
            'stops' => Stops::proven($run),
            'cautions' => [...Stops::cautions($dish, $run), ...(array_filter($causes, static fn(Cause $c): bool => $c->for !== []) === [] ? ['Nothing in these numbers explains it; what would decide the first is asked.'] : [])],
            'causes' => array_map(static fn(Cause $c): array => $c->write(exp($c->score) / $sum, $next->of($dish, $shown, $c->fault, $c->row)), $causes),
        ];
    }

    /**
     * @param list<string> $faults
     *
     * @return list<Cause> likeliest first; a cause whose ingredient is absent is not among them
     */
    private function causes(array $faults, Measured $at, DishReading $dish): array
    {
        $causes = [];
        foreach ($faults as $fault) {
            foreach ($this->book->causes[$fault] ?? [] as $row) {
                $cause = $this->cause($fault, $row, $at, $dish);
                if ($cause !== null) {
                    $causes[] = $cause;
                }
            }
        }
        if (array_filter($causes, static fn(Cause $c): bool => \in_array($c->fault, self::OF_AGENTS, true)) !== []) {
            $causes = array_values(array_filter($causes, static fn(Cause $c): bool => $c->fault !== 'too_soft' || $c->row !== 2));
        }
        usort($causes, static fn(Cause $a, Cause $b): int => $b->score <=> $a->score);

        return $causes;
    }

    /** @param array<string, string> $row */
    private function cause(string $fault, array $row, Measured $at, DishReading $dish): ?Cause
    {
        foreach (Condition::read($row['needs']) as $needed) {
            if ($needed->holds($at) !== true) {
                return null;
            }
        }
        $score = self::RANKS[min((int) $row['row'], \count(self::RANKS)) - 1];
        $for = $against = $open = [];
        $over = 0.0;
        foreach (Condition::read($row['for']) as $condition) {
            $holds = $condition->holds($at);
            if ($holds === true) {
                $for[] = $condition->words($at);
                $over = max($over, $condition->isDeciding ? Figure::FaultDecides->number() : ($condition->isFar($at) ? Figure::FaultFarOver->number() : Figure::FaultOver->number()));
            } elseif ($holds === null) {
                array_push($open, ...array_filter($condition->metrics(), static fn(string $metric): bool => \in_array($metric, Metrics::ASKED, true) && $at->value($metric) === null));
            }
        }
        $score += $over;
        $under = 0.0;
        foreach ($over > 0.0 ? [] : Condition::read($row['against']) as $condition) {
            if ($condition->holds($at) === true) {
                $against[] = $condition->words($at);
                $under = min($under, $condition->isDeciding ? -Figure::FaultDecides->number() : Figure::FaultAgainst->number());
            }
        }
        $score += $under;
        $before = $this->past->of($fault, (int) $row['row'], array_key_first($at->layer()->set->mechanisms));
        $score += $before['score'];
        if ($before['words'] !== null) {
            $before['score'] > 0.0 ? $for[] = $before['words'] : $against[] = $before['words'];
        }
        $asks = $over > 0.0 || $against !== [] ? ($row['decides'] === '' ? null : $row['decides']) : implode('; ', [...array_map(static fn(string $metric): string => 'say the ' . Metrics::words($metric), array_values(array_unique($open))), ...($row['decides'] === '' ? [] : [$row['decides']])]);

        return new Cause($fault, (int) $row['row'], $row['cause'], $score, $for, $against, $asks === '' ? null : $asks, $this->allowed([...Cures::now($fault, (int) $row['row'], $at), ...($row['now'] === '' ? [] : [new Cure($row['now'])])], $dish), $row['next'] === '' ? [] : [new Cure($row['next'])]);
    }

    /**
     * Gelatin is not offered to a dish that is vegetarian without it.
     *
     * @param list<Cure> $cures
     *
     * @return list<Cure>
     */
    private function allowed(array $cures, DishReading $dish): array
    {
        $isMeatless = $dish->diets[Diet::Vegetarian->value]->because === [];

        return array_values(array_filter($cures, fn(Cure $cure): bool => !$isMeatless || $cure->ingredient !== $this->book->rescues['gelatin']));
    }
}
