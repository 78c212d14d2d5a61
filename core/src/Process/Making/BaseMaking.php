<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Kind\Kind;
use Transmuta\Process\Degrees;
use Transmuta\Property\Portion;

/** A base: pressed crumb, dough, ground nuts, or something laid in. */
final readonly class BaseMaking
{
    /** The kind that is pressed in, whatever meal or oats are in it. */
    private const CRUMB = 'crumb-base';

    public function __construct(private LayerAtWork $at, private Kind $kind) {}

    /**
     * A base that stands by itself: pressed crumb, dough, or something laid in.
     *
     * @return string id of the step after which it may be filled
     */
    public function base(string $weighed, ?string $lined, ?string $under): string
    {
        $all = $this->at->lines(array_keys($this->at->layer->layer->understood()));
        $bake = $this->at->layer->layer->treatment->step(TreatmentKind::Bake);
        $mass = $this->at->layer->state->mixed;
        if ($bake !== null) {
            $isDough = $this->kind->key !== self::CRUMB && array_filter($this->at->layer->state->model->portions, static fn(Portion $p): bool => $p->ingredient->isFlour()) !== [];
            $made = $this->at->steps->add($isDough ? StepKind::Knead : StepKind::PressBase, \sprintf($isDough ? 'rub %s together and bring to one lump.' : 'mix %s with the fat melted and press in.', $this->at->told($all)), $all, [$weighed, $isDough ? null : $lined]);
            if ($isDough) {
                $made = $this->at->steps->add(StepKind::Chill, 'rest it cold.', [], [$made], new StepDetail(wait: Wait::of($this->at->book->value('pastry-rest-min'), $this->at->book->value('pastry-rest-min'), 24 * 60.0), mass: $mass, endpoint: 'firm, rolls without sticking'));
                $made = $this->at->steps->add(StepKind::LayIn, 'roll it and line the tin.', [], [$made, $lined], new StepDetail(mass: $mass));
            }
            $minutes = $bake->minutes ?? $this->at->book->value($isDough ? 'blind-min' : 'crumb-min');
            $baked = $this->at->steps->add(StepKind::Bake, \sprintf('bake at %s.', Degrees::set($bake->celsius ?? 170.0, $bake->oven)), [], [$made], new StepDetail(target: $bake->celsius ?? 170.0, wait: Wait::of($minutes, $minutes, 1.2 * $minutes), mass: $mass, endpoint: 'dry and pale gold', reason: $isDough ? 'raw flour is not eaten' : 'it binds and crisps'));

            return $this->at->steps->add(StepKind::Rest, 'let it get cold.', [], [$baked], new StepDetail(target: 25.0, wait: Wait::of($this->at->book->value('crust-cool-min'), $this->at->book->value('crust-cool-min'), $this->at->book->holds('baked')), mass: $mass, thing: 'baked', reason: 'a warm case goes soggy'));
        }
        if (\count($all) === 1) {
            return $this->at->steps->add(StepKind::LayIn, \sprintf('cut %s to size and lay it in.', $this->at->told($all)), $all, [$weighed, $lined, $under]);
        }
        if (array_filter($this->at->layer->state->model->portions, LayerAtWork::isBlended(...)) !== []) {
            $ground = $this->at->steps->add(StepKind::Blend, \sprintf('pulse %s to damp sand.', $this->at->told($all)), $all, [$weighed], new StepDetail(endpoint: 'holds when squeezed, none over 3 mm'));

            return $this->pressed([], [$ground, $lined, $under]);
        }
        $fat = $this->at->lines(array_values(array_filter($this->at->roles['fat'], fn(int $i): bool => $this->at->portion($i)->ingredient->composition->family('fat.') > 60.0)));
        $melted = $fat === [] ? null : $this->at->steps->add(StepKind::Melt, \sprintf('melt %s.', $this->at->told($fat)), $fat, [$weighed], new StepDetail(target: $this->at->book->value('fat-melt-c'), attended: $this->at->heats(array_sum(array_column($fat, 'grams')), 15.0, $this->at->book->value('fat-melt-c')), thing: 'melted-fat'));

        return $this->pressed($this->at->without($all, $fat), [$weighed, $lined, $melted, $under], $fat !== []);
    }

    /**
     * Pressed in and chilled until it may be filled.
     *
     * @param list<array{ingredient: string, grams: float}> $lines
     * @param list<?string> $after
     */
    private function pressed(array $lines, array $after, bool $withFat = false): string
    {
        $mass = $this->at->layer->state->mixed;
        $pressed = $this->at->steps->add(StepKind::PressBase, $lines === [] ? 'press it in.' : \sprintf('mix %s%s and press in.', $this->at->told($lines), $withFat ? ' with the fat' : ''), $lines, $after, new StepDetail(mass: $mass));
        $onset = 60 * ($this->at->dish->stack->coolings[$this->at->n]->firmHours ?? 0.0) + $this->at->book->value('press-dwell-min');

        return $this->at->steps->add(StepKind::Chill, 'chill it.', [], [$pressed], new StepDetail(target: 5.0, wait: Wait::of($onset, 2 * $onset, $this->at->book->holds('base')), mass: $mass, thing: 'base', endpoint: 'cold and firm under a finger'));
    }
}
