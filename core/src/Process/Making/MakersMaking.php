<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Method\Act;
use Transmuta\Method\Method;
use Transmuta\Method\Part;
use Transmuta\Property\DishReading;

/**
 * The making as its maker wrote it: each thing that is done in their words and their order, planned, timed and weighed as the drafted making is. Nothing is
 * put in that they did not write but the weighing; a line no sentence names goes in where its layer begins, and says so.
 */
final class MakersMaking
{
    /** °C of what is left in the cold, or frozen, where nobody said. */
    private const COLD = 5.0;
    private const FROZEN = -18.0;

    /** min under which something that is left alone is at the latest looked at, and after which it is worse, as a share of what was said. */
    private const EARLIEST = 0.85;
    private const LATEST = 1.25;

    /** @var array<int, Steps> by layer */
    private array $steps = [];

    /** @var array<int, string> id of the weighing of each layer */
    private array $weighed = [];

    /** @var array<int, list<string>> ids of the steps whose products an act goes on from, by the act */
    private array $made = [];

    /** @var array<int, float> g of the product of an act */
    private array $mass = [];

    /** What was said beside a step, and is told with the next: "Take off the heat". */
    private string $beside = '';

    public function __construct(private readonly Graph $graph, private readonly DishReading $dish, private readonly Method $method) {}

    /** Whether the method is enough to be made by: something is done to every layer, and the last of it ends. */
    public static function isEnough(DishReading $dish, Method $method): bool
    {
        $done = [];
        foreach ($method->acts as $act) {
            if (!$act->operation->isBare()) {
                $done[$act->layer] = true;
            }
            foreach ($act->parts as $part) {
                $done[$part->layer] = true;
            }
        }

        return $method->acts !== [] && \count($done) === \count($dish->layers);
    }

    public function build(): void
    {
        foreach ($this->dish->layers as $n => $layer) {
            $this->steps[$n] = new Steps($this->graph, $n, '');
            $this->weighed[$n] = $this->steps[$n]->add(StepKind::Weigh, "{$layer->layer->name}: weigh everything.", [], [], new StepDetail(mass: $layer->state->mixed, counted: \count($layer->layer->understood())));
        }
        $unsaid = $this->unsaid();
        foreach ($this->method->acts as $n => $act) {
            $this->step($n, $act, $unsaid);
        }
    }

    /**
     * What of the lines no step takes, by the act it goes in at: the first of its layer that works on a mass, or the last that took some of the line.
     *
     * @return array<int, list<Part>>
     */
    private function unsaid(): array
    {
        $left = [];
        foreach ($this->method->unsaid as $part) {
            $left[$this->firstOf($part->layer)][] = $part;
        }
        $taken = $last = [];
        foreach ($this->method->acts as $n => $act) {
            foreach ($act->parts as $part) {
                $taken[$part->key()] = ($taken[$part->key()] ?? 0.0) + $part->share;
                $last[$part->key()] = [$n, $part];
            }
        }
        foreach ($taken as $key => $share) {
            if ($share < 1.0 - 1e-6) {
                [$n, $part] = $last[$key];
                $left[$n][] = new Part($part->layer, $part->line, 1.0 - $share, $part->named, true);
            }
        }

        return $left;
    }

    private function firstOf(int $layer): int
    {
        foreach ($this->method->acts as $n => $act) {
            if (!$act->operation->isBare() && ($act->layer === $layer || array_filter($act->parts, static fn(Part $part): bool => $part->layer === $layer) !== [])) {
                return $n;
            }
        }

        return 0;
    }

    /** @param array<int, list<Part>> $unsaid */
    private function step(int $n, Act $act, array $unsaid): void
    {
        $kind = $act->operation->kind === null ? null : StepKind::from($act->operation->kind);
        $before = array_values(array_unique(array_merge(...array_map(fn(int $from): array => $this->made[$from] ?? [], $act->from), ...[[]])));
        $mass = array_sum(array_map(fn(int $from): float => $this->mass[$from] ?? 0.0, $act->from));
        if ($kind === null && $act->parts === [] && !isset($unsaid[$n])) {
            // Nothing is done to the mass: it is said with what follows.
            $this->made[$n] = $before;
            $this->mass[$n] = $mass;
            $this->beside = $act->operation->key === 'preheat' ? '' : trim("$this->beside $act->words;");

            return;
        }
        $lines = [];
        $others = [];
        foreach ([...$act->parts, ...($unsaid[$n] ?? [])] as $part) {
            $line = ['ingredient' => (string) $this->dish->layers[$part->layer]->layer->understood()[$part->line]->ingredient, 'grams' => $part->share * $this->dish->layers[$part->layer]->layer->understood()[$part->line]->grams];
            $part->layer === $act->layer ? $lines[] = $line : $others[$part->layer][] = $line;
        }
        // Lines of another layer are taken by a step of theirs, so that each stands where it is weighed.
        foreach ($others as $layer => $of) {
            $before[] = $this->steps[$layer]->add(StepKind::MixDry, $this->words($act), $of, [$this->weighed[$layer]], new StepDetail(mass: array_sum(array_column($of, 'grams'))));
        }
        $mass += array_sum(array_column($lines, 'grams')) + array_sum(array_map(static fn(array $of): float => array_sum(array_column($of, 'grams')), $others));
        $reason = isset($unsaid[$n]) ? \sprintf('the method does not say where %s goes in', implode(', ', array_map(static fn(Part $part): string => $part->named, $unsaid[$n]))) : '';
        $id = $this->steps[$act->layer]->add($kind ?? StepKind::MixDry, $this->words($act), $lines, [...$before, ...($lines === [] && $before !== [] ? [] : [$this->weighed[$act->layer]])], new StepDetail(
            target: self::target($act, $kind),
            attended: $this->attended($act, $kind),
            mass: max(1.0, $mass),
            wait: $this->wait($act, $kind),
            reason: $reason,
            origin: new StepOrigin($act->operation->key, $act->sentence, $kind === StepKind::Bake ? [['celsius' => $act->celsius, 'minutes' => $act->time?->best], ...$act->stages] : [], $act->oven),
            endpoint: $act->sign !== '' ? $act->sign : ($act->operation->heats === 'oven' ? '' : $act->operation->sign),
        ));
        $this->made[$n] = [$id];
        $this->mass[$n] = $mass;
        $this->beside = '';
    }

    private function words(Act $act): string
    {
        $words = rtrim(trim("$this->beside $act->words"), ' ,;.');

        return mb_strtoupper(mb_substr($words, 0, 1)) . mb_substr($words, 1) . '.';
    }

    /** °C: as it was said, else where the kind of step brings it. */
    private static function target(Act $act, ?StepKind $kind): ?float
    {
        return $act->celsius ?? match ($kind) {
            StepKind::Boil => 100.0,
            StepKind::Chill => self::COLD,
            StepKind::Freeze => self::FROZEN,
            default => null,
        };
    }

    /** min somebody stands by it: what is said of a pan, and the time it takes to heat. */
    private function attended(Act $act, ?StepKind $kind): float
    {
        $isPan = \in_array($kind, [StepKind::Heat, StepKind::Cook, StepKind::Boil, StepKind::Caramelise, StepKind::Reduce, StepKind::Melt], true);

        return $isPan || (!$this->isLeft($kind) && $kind !== StepKind::Bake) ? ($act->time->best ?? 0.0) : 0.0;
    }

    private function isLeft(?StepKind $kind): bool
    {
        return $kind !== null && ($this->graph->book->isPassive($kind) || \in_array($kind, [StepKind::Swell, StepKind::Hydrate, StepKind::Soak, StepKind::Rest, StepKind::Cool, StepKind::Chill, StepKind::Freeze], true));
    }

    /** How long it is left: as it was said; what is said to be at least so long binds. */
    private function wait(Act $act, ?StepKind $kind): ?Wait
    {
        if ($kind === StepKind::Bake) {
            $minutes = ($act->time->best ?? 0.0) + array_sum(array_map(static fn(array $stage): float => $stage['minutes'] ?? 0.0, $act->stages));

            return $minutes > 0.0 ? Wait::of($act->time->least ?? self::EARLIEST * $minutes, $minutes, $act->time->most ?? self::LATEST * $minutes) : null;
        }
        if (!$this->isLeft($kind)) {
            return null;
        }
        if ($act->time !== null) {
            return Wait::of($act->time->least ?? self::EARLIEST * $act->time->best, $act->time->best, $act->time->most);
        }

        return $act->operation->wait === null ? null : Wait::of(...$act->operation->wait);
    }
}
