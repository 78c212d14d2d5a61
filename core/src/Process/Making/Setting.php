<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Kind\Kind;
use Transmuta\Process\Degrees;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Structure\Base;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/** A layer filled onto what is under it, baked if it is baked in its vessel, and set: chilled or frozen. */
final readonly class Setting
{
    /** °C in the middle of what is baked without egg. */
    private const CORE = 80.0;

    public function __construct(private LayerAtWork $at, private Reference $reference, private Kind $kind) {}

    /**
     * Filled onto what is under it, baked if it is baked in its vessel, and set.
     *
     * @param list<string> $mass
     * @param list<?string> $onto
     */
    public function fill(array $mass, array $onto, bool $isLast): string
    {
        $grams = $this->at->layer->state->mixed;
        $under = $this->at->dish->layers[$this->at->n - 1] ?? null;
        $bake = $this->at->layer->layer->treatment->step(TreatmentKind::Bake);
        $strained = $bake !== null && $this->kind->isStrained && !$this->at->layer->layer->treatment->isWhipped()
            ? [$this->at->steps->add(StepKind::Strain, 'strain it.', [], $mass, new StepDetail(mass: $grams))]
            : $mass;
        $last = $this->at->steps->add(StepKind::Fill, \sprintf('fill in %.0f g%s.', $grams, $under === null || Base::is($under->state) ? '' : ', over a spoon'), [], [...$strained, ...$onto], new StepDetail(target: $this->at->isPouredHot() && $bake === null ? $this->at->book->value('pour-hot-c') : null, mass: $grams, reason: $this->at->n === 0 ? '' : 'what is under it must be cold and set, or it dimples and bleeds'));
        $thick = $this->at->dish->stack->heights[$this->at->n] ?? 0.0;
        if ($bake !== null) {
            $minutes = $bake->minutes ?? $this->at->book->value('bath-50mm-min') * (max(5.0, $thick) / 50.0) ** $this->at->book->value('bath-power');
            $core = $this->at->core();
            $inBath = $this->kind->isStrained && $this->at->layer->window !== null && !$this->at->layer->layer->treatment->isWhipped() && !$this->isInACase();
            $last = $this->at->steps->add(StepKind::Bake, \sprintf($inBath ? 'bake in hot water at %s.' : 'bake at %s.', Degrees::set($bake->oven(), $bake->oven)), [], [$last], new StepDetail(target: $bake->oven(), wait: Wait::of(0.85 * $minutes, $minutes, 1.25 * $minutes), mass: $grams, endpoint: $this->at->layer->window === null && $this->kind->key === Kind::MIXTURE ? 'set at the edge, dry on top' : \sprintf('%s; %.0f °C in the middle', $this->kind->sign, $core ?? self::CORE)));
            $isCake = $this->at->roles['cool'] !== [];
            $last = $this->at->steps->add(StepKind::Rest, \sprintf('%s.', $isCake ? 'let it stand in the open oven' : ($inBath ? 'out of its bath, let it cool' : 'let it cool')), [], [$last], new StepDetail(wait: $isCake ? Wait::of(30.0, 60.0, 90.0) : Wait::of(20.0, 30.0, 90.0), mass: $grams, reason: $isCake ? 'it goes on cooking by 2–4 K and cracks in a draught' : ($inBath ? 'in the bath it goes on cooking' : ''), endpoint: 'hand-warm'));
        }
        if ($this->at->layer->layer->treatment->freezes() || $this->at->dish->formula->serveAt < -2.0) {
            return $this->frozen([$last], $isLast);
        }

        return $this->at->steps->add(StepKind::Chill, 'film on its face, into the fridge.', [], [$last], new StepDetail(target: 5.0, wait: $this->sets($isLast), mass: $grams, reason: $isLast ? 'its set is full only when it is cold through and ripe' : 'firm enough for the next layer a quarter of the way in'));
    }

    /** Whether something dry lies under it, which water would soak. */
    private function isInACase(): bool
    {
        return array_filter(\array_slice($this->at->dish->layers, 0, $this->at->n), static fn(LayerReading $under): bool => Base::is($under->state)) !== [];
    }

    /**
     * Frozen until it may be built on, or is hard to its middle.
     *
     * @param list<?string> $after
     */
    public function frozen(array $after, bool $isLast): string
    {
        $minutes = $this->freezes($this->at->dish->stack->heights[$this->at->n] ?? 0.0);
        $hard = $this->at->book->value('freeze-hard') * $minutes;

        return $this->at->steps->add(StepKind::Freeze, 'freeze it, flat.', [], $after, new StepDetail(
            target: $this->at->layer->layer->treatment->step(TreatmentKind::Freeze)->celsius ?? -18.0,
            wait: Wait::of($isLast ? $hard : $this->at->book->value('freeze-leaves') * $minutes, max($isLast ? 12 * 60.0 : 0.0, $hard), 28 * 24 * 60.0),
            mass: $this->at->layer->state->mixed,
            reason: 'by its water, its depth and the air around it',
        ));
    }

    /** min until its middle is frozen, by Plank for a slab with two cold faces [published: ASHRAE]. */
    private function freezes(float $mm): float
    {
        $state = $this->at->layer->state;
        ['air' => $air, 'film' => $film] = $this->reference->places['freezer'];
        $from = max(0.0, Cooling::startOf($this->at->layer->layer->treatment));
        $at = $this->at->layer->freezingPoint ?? -3.0;
        $heat = 1000 * (3.34 * 0.75 * $state->water + 3.0 * ($from - $at));
        $deep = max(3.0, $mm) / 1000;
        $conducts = $this->at->book->value($this->at->layer->airShare > 0.2 ? 'k-frozen-foam' : 'k-frozen');

        return $this->at->layer->thermal->density * $heat / max(1.0, $at - $air) * ($deep / (2 * $film) + $deep ** 2 / (8 * $conducts)) / 60;
    }

    /** How a layer cools from the temperature it is filled at: what is poured hot is filled as soon as it may be. */
    private function cooling(int $n): Cooling
    {
        $stack = $this->at->dish->stack;
        $alone = $stack->coolings[$n];
        $pour = $this->at->book->value('pour-hot-c');
        if (!LayerAtWork::pouredHot($this->at->dish->layers[$n]) || $alone->startsAt <= $pour) {
            return $alone;
        }

        return Cooling::of([['thermal' => $this->at->dish->layers[$n]->thermal, 'height' => $stack->heights[$n]]], $stack->vessel, $pour, $this->reference, 'fridge', $alone->firmAt);
    }

    /** min until something may be put on a layer. */
    private function onset(int $n): float
    {
        $alone = $this->cooling($n);
        $main = array_key_first($this->at->dish->layers[$n]->set->mechanisms);

        return 60 * ($alone->firmHours ?? $alone->coreHours ?? 24.0) + ($main === null ? 0.0 : $this->at->book->dwell($main));
    }

    /**
     * How long it sets: for the next layer its onset; for the knife until every layer is cold in its middle and ripe, of which those under it have
     * had the time they stood before.
     */
    public function sets(bool $isLast): Wait
    {
        $onset = $this->onset($this->at->n);
        $most = 24 * 60.0 * max(1, $this->at->dish->keepsDays());
        if (!$isLast) {
            return Wait::of($onset, 1.3 * $onset, $most);
        }
        $cold = $ripe = $onset;
        $stood = 0.0;
        for ($n = $this->at->n; $n >= 0; --$n) {
            $layer = $this->at->dish->layers[$n];
            if (Base::is($layer->state)) {
                continue;
            }
            $stood += $n === $this->at->n ? 0.0 : $this->onset($n);
            $cold = max($cold, 60 * ($this->cooling($n)->coreHours ?? 24.0) - $stood);
            $ripe = max($ripe, $this->onset($n) + $this->ripens($layer) - $stood);
        }

        return Wait::of($cold, max($cold, $ripe), $most);
    }

    /** min after its onset at which what holds a layer up has nine tenths of its final set. */
    private function ripens(LayerReading $layer): float
    {
        $ripe = 0.0;
        foreach ($layer->set->mechanisms as $mechanism => $ge) {
            if ($layer->set->ge > 0.0 && $ge / $layer->set->ge >= Figure::RipensShare->number()) {
                $ripe = max($ripe, 60 * $this->at->book->ripeHours($mechanism));
            }
        }

        return $ripe;
    }
}
