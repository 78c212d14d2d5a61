<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Kind\Draft;
use Transmuta\Kind\Kind;
use Transmuta\Kind\Kinds;
use Transmuta\Kind\Mass;
use Transmuta\Method\Method;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Process\LineRole;
use Transmuta\Process\LineWords;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Portion;
use Transmuta\Property\Structure\Base;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;

/**
 * The making of a dish as steps: what enters when, how hot, how long, after what. Times come from the models of this formula in this vessel
 * (heating, cooling, onset, ripening); only what no model gives stands in `core/data/process`.
 */
final readonly class Making
{
    /** Kinds that set nothing and are put on what has set. */
    private const LAID_ON = ['decoration', 'laid-in', 'fresh-fruit'];

    /** @var \WeakMap<DishReading, list<MakingStep>> made once of a reading, for as long as somebody has it */
    private \WeakMap $made;

    /** @var \WeakMap<DishReading, array{method: ?Method}> the maker's methods that were read */
    private \WeakMap $read;

    public function __construct(private ProcessBook $book, private Reference $reference, private LineWords $words = new LineWords(), private MethodReader $methods = new MethodReader())
    {
        /** @var \WeakMap<DishReading, list<MakingStep>> $made */
        $made = new \WeakMap();
        $this->made = $made;
        /** @var \WeakMap<DishReading, array{method: ?Method}> $read */
        $read = new \WeakMap();
        $this->read = $read;
    }

    public static function standard(): self
    {
        return new self(ProcessBook::standard(), Reference::standard());
    }

    /** Whether a dish is filled in glasses, moulds or tartlets rather than tins to be cut. */
    public static function isSmall(DishReading $dish): bool
    {
        $vessel = $dish->stack->vessel;

        return $vessel === null || $vessel->volume() / $vessel->count < Figure::VesselSmall->number();
    }

    /** @return list<MakingStep> in an order in which they may be done */
    public function of(DishReading $dish): array
    {
        return $this->made[$dish] ??= $this->make($dish);
    }

    /** @return list<MakingStep> */
    private function make(DishReading $dish): array
    {
        $vessel = $dish->stack->vessel;
        $graph = new Graph($this->book, $dish->formula->portions, $vessel->count ?? $dish->formula->portions, self::isSmall($dish));
        $method = $this->methodOf($dish);
        if ($method !== null) {
            (new MakersMaking($graph, $dish, $method))->build();

            return $graph->steps();
        }
        $last = null;
        $lined = null;
        $total = \count($dish->layers);
        $kinds = $this->kinds($dish);
        // What is only laid or strewn on top waits for the set of what is under it.
        $settles = $total - 1;
        while ($settles > 0 && \in_array($kinds[$settles]->key, self::LAID_ON, true)) {
            --$settles;
        }
        foreach ($dish->layers as $n => $layer) {
            $steps = new Steps($graph, $n, $layer->layer->name);
            $at = new LayerAtWork($steps, $this->book, $dish, $layer, $n, $this->words);
            $weighed = $steps->add(StepKind::Weigh, 'weigh everything.', [], [], new StepDetail(mass: $layer->state->mixed, counted: \count($layer->layer->understood())));
            if ($n === 0 && $vessel !== null && $vessel->shape !== 'glass') {
                $lined = $steps->add(StepKind::LineTin, \sprintf('line %s.', $vessel->words()), [], []);
            }
            $setting = new Setting($at, $this->reference, $kinds[$n]);
            $isLast = $n === $settles;
            $last = match (true) {
                KindMaking::isDrafted($kinds[$n]) => (new KindMaking($at, $setting, Draft::of($kinds[$n])))->make($weighed, [$lined, $last], $isLast),
                Base::is($layer->state) => (new BaseMaking($at, $kinds[$n]))->base($weighed, $lined, $last),
                default => $setting->fill((new MassMaking($at, $kinds[$n]))->filling($weighed), [$lined, $last], $isLast),
            };
        }
        $this->finish(new Steps($graph, $total), $dish, $last);

        return $graph->steps();
    }

    /** @return list<Kind> what each layer is, by what it is made of and by what is done to it */
    public function kinds(DishReading $dish): array
    {
        $operations = [];
        foreach ($this->methodOf($dish)->acts ?? [] as $act) {
            $operations[$act->layer][] = $act->operation->key;
        }
        $ingredients = array_map(static fn(LayerReading $layer): array => array_map(static fn(Portion $portion): Ingredient => $portion->ingredient, $layer->state->model->portions), $dish->layers);

        return array_map(Kinds::standard()->of(...), Mass::of($dish->formula, $ingredients, $operations));
    }

    public function operation(MakingStep $step): string
    {
        return $step->origin->operation ?? $this->book->operation($step->kind);
    }

    /** The method its maker wrote, understood; null where nobody wrote one that is enough to make it by, so that it is drafted. */
    public function methodOf(DishReading $dish): ?Method
    {
        if ($dish->formula->method === []) {
            return null;
        }
        if (isset($this->read[$dish])) {
            return $this->read[$dish]['method'];
        }
        $method = $dish->method ?? $this->understood($dish);

        $this->read[$dish] = ['method' => $known = MakersMaking::isEnough($dish, $method) ? $method : null];

        return $known;
    }

    private function understood(DishReading $dish): Method
    {
        $ingredients = [];
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $ingredients["$n.$i"] = $portion->ingredient;
            }
        }

        return $this->methods->read($dish->formula, $ingredients);
    }

    /**
     * What a cook watches: where egg thickens, is done and curdles, what must boil, what must not, where foam may be folded in.
     *
     * @return list<array{layer: string, what: string, celsius: ?float, low: ?float, high: ?float}>
     */
    public function critical(DishReading $dish): array
    {
        $all = [];
        foreach ($dish->layers as $layer) {
            array_push($all, ...$this->criticalOf($layer));
        }

        return $all;
    }

    private function finish(Steps $whole, DishReading $dish, ?string $last): void
    {
        if ($last === null) {
            return;
        }
        $serve = $dish->formula->serveAt;
        if ($serve < -2.0) {
            $minutes = $this->book->value('temper-25mm-min') * max(5.0, array_sum($dish->stack->heights)) / 25.0;
            $whole->add(StepKind::TemperOut, \sprintf('Out of the freezer until it may be cut or bitten, %g °C.', $serve), [], [$last], new StepDetail(target: $serve, wait: Wait::of(0.8 * $minutes, $minutes, 1.5 * $minutes), reason: 'by its depth, in the fridge; half of it at 20 °C'));

            return;
        }
        $vessel = $dish->stack->vessel;
        $isCut = $vessel !== null && $vessel->count < $dish->formula->portions;
        if ($isCut) {
            $out = $whole->add(StepKind::Unmould, 'Unmould: warm cloth or torch, then lift the ring.', [], [$last]);
            $last = $whole->add(StepKind::Cut, \sprintf('Cut into %d, the knife hot and wiped each time.', $dish->formula->portions), [], [$out], new StepDetail(thing: 'cut'));
        }
        $whole->add(StepKind::Garnish, \sprintf('Finish the plates and serve at %g °C.', $serve), [], [$last], new StepDetail(target: $serve));
    }

    /** @return list<array{layer: string, what: string, celsius: ?float, low: ?float, high: ?float}> */
    private function criticalOf(LayerReading $layer): array
    {
        $name = $layer->layer->name;
        $at = static fn(string $what, ?float $celsius, ?float $low = null, ?float $high = null): array => ['layer' => $name, 'what' => $what, 'celsius' => $celsius, 'low' => $low, 'high' => $high];
        $roles = LineRole::places($layer);
        $all = [];
        // A dough and a foam have no pan in which egg thickens.
        if ($layer->window !== null && !Base::is($layer->state) && !$layer->layer->treatment->isWhipped()) {
            $all[] = $at('thickens', $layer->window->thickens);
            $all[] = $at('done', $layer->window->done);
            if (!$layer->window->mayBoil) {
                $all[] = $at('curdles', $layer->window->curdles);
            }
            $all[] = $at('egg is safe from', $layer->window->safe);
        }
        if ($layer->state->model->treatment->boils() || $roles['binder'] !== [] || $roles['pectin'] !== []) {
            $all[] = $at($layer->window !== null ? 'boil, so that raw yolk does not eat the starch' : 'boil, so that what sets it dissolves', null, $this->book->value('boil-c'));
        }
        if ($roles['gelatin'] !== []) {
            $all[] = $at('gelatin melts, and never boils', $this->book->value('gelatin-melt-c'), 50.0, 60.0);
        }
        if ($roles['foam'] !== [] && \count(array_filter($roles)) > 1) {
            $fold = $this->book->foldAt($roles);
            $all[] = $at('fold the foam in', $fold, $fold - 3.0, $fold + 4.0);
        }
        if ($roles['cool'] !== [] && $layer->state->model->treatment->inPan() !== null && !$layer->layer->treatment->bakes()) {
            $all[] = $at('no warmer onto cultured cream or cheese', null, null, $this->book->value('cultured-c'));
        }

        return $all;
    }
}
