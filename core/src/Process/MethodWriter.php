<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\Base;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Portion;

/** Writes a method from what is in each layer and what is done to it, with the temperatures that matter. */
final class MethodWriter
{
    /** @return list<string> */
    public function steps(DishReading $dish): array
    {
        $steps = [];
        foreach ($dish->layers as $layer) {
            array_push($steps, ...$this->ahead($layer));
        }
        foreach ($dish->layers as $n => $layer) {
            array_push($steps, ...(Base::is($layer->state) ? $this->base($layer) : $this->filling($layer)));
            if ($n < \count($dish->layers) - 1 && !Base::is($layer->state)) {
                $steps[] = \sprintf('%s: let it set in the fridge, about 1 h for 2 cm, before the next layer goes on.', $layer->layer->name);
            }
        }
        $steps[] = $this->chill($dish);

        return $steps;
    }

    /** @return list<string> */
    private function ahead(LayerReading $layer): array
    {
        $steps = [];
        foreach ($this->with($layer, static fn(Portion $p): bool => $p->ingredient->id === 'cashew-soaked') as $words) {
            $steps[] = \sprintf('The night before: soak the cashews in cold water in the fridge 8–12 h, drain well and weigh %s.', $words);
        }
        foreach ($this->with($layer, static fn(Portion $p): bool => $p->ingredient->id === 'coconut-cream' && $p->whipped) as $words) {
            $steps[] = \sprintf('The night before: chill the cans of coconut cream unshaken; %s, whipped below 7 °C in a cold bowl.', $words);
        }

        return $steps;
    }

    /** @return list<string> */
    private function base(LayerReading $layer): array
    {
        $name = $layer->layer->name;
        $list = implode(', ', $this->with($layer, static fn(Portion $p): bool => true));
        if ($layer->layer->treatment->kind === TreatmentKind::Bake) {
            return [\sprintf('%s: rub together %s; rest cold 30 min, line the tin, and bake at %g °C until dry and golden. Cool before filling.', $name, $list, $layer->layer->treatment->celsius ?? 170.0)];
        }
        if (\count($layer->layer->understood()) === 1) {
            return [\sprintf('%s: cut %s to size and lay it in.', $name, $list)];
        }

        return [\sprintf('%s: mix %s with the fat melted, until damp and holding when squeezed; press in and chill 15–20 min.', $name, $list)];
    }

    /** @return list<string> */
    private function filling(LayerReading $layer): array
    {
        $name = $layer->layer->name;
        $steps = [];
        $treatment = $layer->layer->treatment;
        $isBoiledAgent = static fn(Portion $p): bool => $p->boiled && ($p->ingredient->isAgent() || $p->ingredient->group === 'starch') && ($p->ingredient->functions !== []);
        $isAcid = static fn(Portion $p): bool => \in_array($p->ingredient->group, ['fruit', 'acid'], true);
        $isHardFat = static fn(Portion $p): bool => $p->ingredient->fatState === \Transmuta\Shelf\FatState::Continuous && $p->ingredient->composition->family('fat.') > 60.0;
        $isGelatin = static fn(Portion $p): bool => $p->ingredient->does('gelatin-bloom') > 0.0;
        $isFoam = static fn(Portion $p): bool => $p->whipped && $p->ingredient->does('foam-overrun') > 0.0;
        $isEgg = static fn(Portion $p): bool => $p->ingredient->group === 'egg';
        $agents = $this->with($layer, $isBoiledAgent);
        $gelatin = $this->with($layer, $isGelatin);
        $fats = $this->with($layer, $isHardFat);
        $acids = $this->with($layer, $isAcid);
        $foams = $this->with($layer, $isFoam);
        $rest = $this->with($layer, static fn(Portion $p): bool => !$isBoiledAgent($p) && !$isGelatin($p) && !$isHardFat($p) && !$isAcid($p) && !$isFoam($p));
        $and = static fn(array $words): string => implode(', ', $words);

        if ($gelatin !== []) {
            $steps[] = \sprintf('%s: swell %s in five parts of cold water 5–10 min; melt gently at 50–60 °C, never boil.', $name, $and($gelatin));
        }
        $hasEgg = $this->with($layer, static fn(Portion $p): bool => $isEgg($p) && $p->heated) !== [];
        if ($agents !== []) {
            $with = $rest === [] ? $acids : $rest;
            $steps[] = \sprintf('%s: whisk %s cold into %s; bring to a full boil and boil 2–3 min, whisking.', $name, $and($agents), $with === [] ? 'the liquid' : $and($with));
            if ($fats !== []) {
                $steps[] = \sprintf('%s: off the heat, blend in %s, melted, at 35–45 °C until glossy.', $name, $and($fats));
            }
            if ($acids !== [] && $rest !== []) {
                $steps[] = \sprintf('%s: stir in %s last, so the acid never boils with the binder.', $name, $and($acids));
            }
        } elseif ($treatment->kind === TreatmentKind::Bake) {
            $steps[] = \sprintf('%s: blend %s without air; strain, fill and bake at %g °C until it wobbles in one piece%s.', $name, $and([...$rest, ...$fats, ...$acids]), $treatment->celsius ?? 150.0, $hasEgg ? ', 71 °C or more in the middle' : ', 80 °C in the middle');
        } elseif ($treatment->kind->isHot()) {
            $to = $treatment->kind === TreatmentKind::Boil ? \sprintf('a boil and boil %g min', $treatment->minutes ?? 2.0) : \sprintf('%g °C', $treatment->celsius ?? 82.0);
            $steps[] = \sprintf('%s: heat %s, stirring, to %s%s.', $name, $and([...$rest, ...$acids]), $to, $hasEgg ? ' (egg dishes reach 71 °C)' : '');
            if ($fats !== []) {
                $steps[] = \sprintf('%s: off the heat, blend in %s bit by bit.', $name, $and($fats));
            }
        } else {
            if ($fats !== [] || $treatment->kind === TreatmentKind::Melt) {
                $steps[] = \sprintf('%s: melt %s at 40–45 °C.', $name, $and($fats === [] ? $rest : $fats));
            }
            if ($rest !== [] && $fats !== []) {
                $steps[] = \sprintf('%s: blend in %s until smooth.', $name, $and([...$rest, ...$acids]));
            } elseif ($rest !== []) {
                $steps[] = \sprintf('%s: mix %s until smooth.', $name, $and([...$rest, ...$acids]));
            }
        }
        if ($gelatin !== []) {
            $steps[] = \sprintf('%s: temper the gelatin with 2–3 spoons of the warm mix, then stir it in.', $name);
        }
        if ($foams !== []) {
            $steps[] = \sprintf('%s: whip %s to soft peaks; fold in a third briskly to loosen, then the rest gently, with the mass at 28–35 °C.', $name, $and($foams));
        }

        return $steps;
    }

    private function chill(DishReading $dish): string
    {
        $cooked = array_filter($dish->layers, static fn(LayerReading $l): bool => $l->layer->treatment->kind->isHot()) !== [];
        $frozen = $dish->formula->serveAt < -2.0;
        $text = $frozen
            ? \sprintf('Freeze to −18 °C; temper before serving at %g °C.', $dish->formula->serveAt)
            : \sprintf('Press film on the surface and chill to 5 °C, at least 4 h, better overnight. Serve at %g °C.', $dish->formula->serveAt);

        return $cooked ? $text . ' Cool cooked layers from 57 to 21 °C within 2 h and to 5 °C within 6 h in all (FDA Food Code 3-501.14); follow your local code.' : $text;
    }

    /**
     * @param callable(Portion): bool $wanted
     *
     * @return list<string> "120 g milk" for each line that is wanted
     */
    private function with(LayerReading $layer, callable $wanted): array
    {
        $words = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            $grams = $layer->layer->understood()[$i]->grams;
            if ($grams > 0.0 && $wanted($portion)) {
                $words[] = \sprintf('%s g %s', round($grams, $grams < 1.0 ? 2 : 1), mb_strtolower($portion->ingredient->name));
            }
        }

        return $words;
    }
}
