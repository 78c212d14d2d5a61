<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Kind\Draft;
use Transmuta\Kind\Kind;
use Transmuta\Method\Operation;
use Transmuta\Process\Degrees;

/** The making of a layer whose kind has a draft of its own: choux is dried on the hob and beaten, a sponge is folded, a crumble is never strained. */
final class KindMaking
{
    /** mm from which a layer in its tin is baked as a thick one. */
    private const THICK = 30.0;

    /** g of fat per 100 g from which a dough is pressed and not rolled. */
    private const RICH = 30.0;

    /** Steps that put a mass where it stays: from the first of them on it waits for what is under it. */
    private const LAYS = [StepKind::Fill, StepKind::LayIn, StepKind::PressBase, StepKind::Garnish, StepKind::Glaze];

    /** Operations the layer's own words for its pan speak of. */
    private const PANS = ['cook_to', 'pasteurise', 'scald', 'heat_to', 'simmer', 'boil'];

    /** @var list<int> places of lines that have not gone in */
    private array $left;

    /** @var array<string, bool> classes the layer holds */
    private array $classes = [];

    /** @param list<Draft> $drafts */
    public function __construct(private readonly LayerAtWork $at, private readonly Setting $setting, private readonly array $drafts)
    {
        $this->left = array_values(array_filter(array_keys($at->layer->state->model->portions), static fn(int $i): bool => $at->layer->layer->understood()[$i]->grams > 0.0));
        foreach ($this->left as $i) {
            $this->classes[$at->portion($i)->ingredient->class] = true;
        }
    }

    public static function isDrafted(Kind $kind): bool
    {
        return Draft::of($kind) !== [];
    }

    /**
     * @param list<?string> $onto ids of what it is laid on: the lined tin, the layer under it
     *
     * @return string id of the last step of the layer
     */
    public function make(string $weighed, array $onto, bool $isLast): string
    {
        $main = null;
        $beside = null;
        $waits = false;
        $active = array_values(array_filter($this->drafts, $this->isActive(...)));
        foreach ($active as $n => $draft) {
            $taken = $this->taken($draft, \array_slice($active, $n + 1));
            if ($taken === [] && ($draft->takes !== [] || $draft->takesRest) && $draft->bare === '') {
                continue;
            }
            $kind = StepKind::from(Operation::of($draft->operation)->kind ?? StepKind::MixDry->value);
            $lays = \in_array($kind, self::LAYS, true) && !$waits;
            $after = match ($draft->thread) {
                'b' => [$beside],
                'join' => [$main, $beside],
                default => [$main],
            };
            $id = $this->step($draft, $kind, $taken, [...($taken !== [] || array_filter($after) === [] ? [$weighed] : []), ...$after, ...($lays ? $onto : [])], $isLast);
            $waits = $waits || $lays;
            if ($draft->thread === 'b') {
                $beside = $id;
            } else {
                $main = $id;
            }
        }
        if ($this->left !== []) {
            // Nothing of the draft takes it: it is stirred in, and nothing is lost.
            $main = $this->at->steps->add(StepKind::MixDry, \sprintf('stir in %s.', $this->at->told($this->at->lines($this->left))), $this->at->lines($this->left), [$weighed, $main]);
        }
        // What is baked or set by itself is laid onto what is under it.
        if (!$waits && array_filter($onto) !== []) {
            return $this->at->steps->add(StepKind::LayIn, 'lay it in.', [], [$main, ...$onto]);
        }

        return $main ?? $weighed;
    }

    /**
     * @param list<int> $taken
     * @param list<?string> $after
     */
    private function step(Draft $draft, StepKind $kind, array $taken, array $after, bool $isLast): string
    {
        $lines = $this->at->lines($taken);
        $operation = Operation::of($draft->operation);
        $isOven = $operation->heats === 'oven' || $operation->heats === 'steam';
        $said = $isOven ? $this->at->layer->layer->treatment->step(TreatmentKind::Bake) : (\in_array($draft->operation, self::PANS, true) ? $this->at->layer->layer->treatment->inPan() : null);
        // A crust is not blind-baked at the heat of its filling: but what somebody wrote of this layer stands.
        $celsius = $said->celsius ?? $draft->celsius;
        $minutes = $said?->minutes;
        $wait = match (true) {
            $kind === StepKind::Chill && $draft->wait === null => $this->setting->sets($isLast),
            $kind === StepKind::Freeze && $draft->wait === null => null,
            $isOven && $minutes !== null => Wait::of(0.85 * $minutes, $minutes, 1.25 * $minutes),
            $draft->wait === null => Wait::of(0.0, 0.0, 0.0),
            default => Wait::of(...$draft->wait),
        };
        if ($kind === StepKind::Freeze && $draft->wait === null) {
            return $this->setting->frozen($after, $isLast);
        }
        $told = '';
        if (!$isOven && $said !== null && $lines !== []) {
            $told = ($said->kind === TreatmentKind::Cook && $said->celsius !== null && !str_contains($draft->text, '°C') ? \sprintf(' to %g °C', $said->celsius) : '') . ($minutes === null ? '' : \sprintf('; hold it %g min', $minutes));
        }
        $core = $isOven ? $this->at->core() : null;
        $sign = $draft->sign !== '' ? $draft->sign : ($operation->sign !== '' && !$isOven ? $operation->sign : '');
        $text = rtrim(strtr($taken === [] && $draft->bare !== '' ? $draft->bare : $draft->text, ['{lines}' => $this->at->told($lines), '{oven}' => $celsius === null ? '' : Degrees::set($celsius, $said?->oven)]), '.') . "$told.";
        $hot = \in_array($kind, [StepKind::Heat, StepKind::Cook, StepKind::Boil, StepKind::Melt, StepKind::Reduce, StepKind::Caramelise], true) && $celsius !== null;

        return $this->at->steps->add($kind, $text, $lines, $after, new StepDetail(
            target: $kind === StepKind::Chill ? $celsius ?? 5.0 : $celsius,
            attended: max($draft->attended, $isOven ? 0.0 : $minutes ?? 0.0) + ($hot ? $this->at->heats(max(1.0, array_sum(array_column($lines, 'grams'))), 20.0, (float) $celsius) : 0.0),
            mass: $lines === [] ? $this->at->layer->state->mixed : null,
            wait: $wait,
            thing: $draft->thing,
            endpoint: $sign === '' && $core === null ? null : implode('; ', array_filter([$sign, $core === null ? '' : \sprintf('%.0f °C in the middle', $core)])),
            origin: new StepOrigin($draft->operation),
        ));
    }

    /**
     * The lines that go in at a step, taken off what is left. What a later step names by its class waits for it.
     *
     * @param list<Draft> $later
     *
     * @return list<int>
     */
    private function taken(Draft $draft, array $later): array
    {
        $named = [];
        foreach ($later as $one) {
            $named += array_fill_keys($one->takes, true);
        }
        $taken = array_values(array_filter($this->left, fn(int $i): bool => $draft->takesRest
            ? !isset($named[$this->at->portion($i)->ingredient->class])
            : \in_array($this->at->portion($i)->ingredient->class, $draft->takes, true)));
        $this->left = array_values(array_diff($this->left, $taken));

        return $taken;
    }

    private function isActive(Draft $draft): bool
    {
        $has = fn(array $classes): bool => array_intersect_key($this->classes, array_fill_keys($classes, true)) !== [];

        return ($draft->holds === [] || $has($draft->holds)) && ($draft->lacks === [] || !$has($draft->lacks)) && array_filter($draft->when, fn(string $when): bool => !$this->isWhen($when)) === [];
    }

    private function isWhen(string $when): bool
    {
        $layer = $this->at->layer->layer;
        $treatment = $layer->treatment;
        $others = $this->at->dish->layers;
        $height = $this->at->dish->stack->heights[$this->at->n] ?? 0.0;
        $underBakes = $this->at->n > 0 && $others[$this->at->n - 1]->layer->treatment->bakes();

        return match ($when) {
            'alone' => !isset($others[$this->at->n + 1]),
            'case' => isset($others[$this->at->n + 1]),
            'first' => $this->at->n === 0,
            'over' => $this->at->n > 0,
            'apart' => $this->at->n === 0 || $treatment->bakes() || $underBakes === false && !$treatment->isNone(),
            'together' => $this->at->n > 0 && !$treatment->bakes() && $treatment->isNone(),
            'baked' => $treatment->bakes(),
            'unbaked' => !$treatment->bakes(),
            'boiled' => $treatment->boils(),
            'cooked' => !$treatment->boils() && $treatment->has(TreatmentKind::Cook),
            'hot' => $treatment->boils() || $treatment->has(TreatmentKind::Cook),
            'cold', 'unheated' => !$treatment->boils() && !$treatment->has(TreatmentKind::Cook),
            'loses' => $layer->loss !== null && !$layer->loss->isNone(),
            'keeps' => $layer->loss === null || $layer->loss->isNone(),
            'rich' => $this->at->layer->state->fat >= self::RICH,
            'lean' => $this->at->layer->state->fat < self::RICH,
            'thick' => $height >= self::THICK,
            'thin' => $height < self::THICK,
            default => throw \Transmuta\Reference\BrokenTable::missing("method/drafts.csv: when $when"),
        };
    }
}
