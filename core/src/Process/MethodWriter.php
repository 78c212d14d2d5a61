<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Portion;
use Transmuta\Property\Structure\Base;
use Transmuta\Quantity\Scale;
use Transmuta\Shelf\FatState;
use Transmuta\Shelf\Nature;

/** Writes a method from what is in each layer and what is done to it, with the temperatures that matter. */
final readonly class MethodWriter
{
    /** Hours in the cold a gel of gelatin takes to come near its full set (practice: agents: 4–16). */
    private const GELATIN_HOURS = 6.0;

    /** @param bool $anyJuice whether bottled or frozen juice does as well as fresh */
    public function __construct(private bool $anyJuice = false, private ChillMarks $chill = ChillMarks::Both) {}

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
        foreach ($this->with($layer, static fn(Portion $p): bool => $p->ingredient->is(Nature::SoakOvernight)) as $words) {
            $steps[] = \sprintf('The night before: soak the cashews in cold water in the fridge 8–12 h, drain well and weigh %s.', $words);
        }
        foreach ($this->with($layer, static fn(Portion $p): bool => $p->ingredient->is(Nature::ChillUnshaken) && $p->whipped) as $words) {
            $steps[] = \sprintf('The night before: chill the cans of coconut cream unshaken; %s, whipped below 7 °C in a cold bowl.', $words);
        }

        return $steps;
    }

    /** @return list<string> */
    private function base(LayerReading $layer): array
    {
        $name = $layer->layer->name;
        $list = implode(', ', $this->with($layer, static fn(Portion $p): bool => true));
        if ($layer->layer->treatment->bakes()) {
            return [\sprintf('%s: rub together %s; rest cold 30 min, line the tin, and bake at %g °C until dry and golden. Cool before filling.', $name, $list, $layer->layer->treatment->step(TreatmentKind::Bake)->celsius ?? 170.0)];
        }
        if (\count($layer->layer->understood()) === 1) {
            return [\sprintf('%s: cut %s to size and lay it in.', $name, $list)];
        }

        return [\sprintf('%s: mix %s with the fat melted, until damp and holding when squeezed; press in and chill 15–20 min.', $name, $list)];
    }

    /** @return list<string> */
    private function filling(LayerReading $layer): array
    {
        $parts = array_fill_keys(['fired', 'gelatin', 'foam', 'calcium', 'pectin', 'binder', 'fat', 'sharp', 'cool', 'sugar', 'liquid', 'rest'], []);
        foreach ($layer->state->model->portions as $i => $portion) {
            $grams = $layer->layer->understood()[$i]->grams;
            if ($grams > 0.0) {
                $parts[self::role($portion, $layer)][] = $this->words($grams, $portion);
            }
        }
        $fired = $parts['fired'];
        $parts['fired'] = [];
        $foamSugar = [];
        if ($parts['foam'] !== [] && array_filter($parts) === array_filter(array_intersect_key($parts, ['foam' => 1, 'sugar' => 1]))) {
            [$foamSugar, $parts['sugar']] = [$parts['sugar'], []];
        }
        $steps = match (true) {
            $parts['binder'] !== [] || $parts['pectin'] !== [] => $this->boiledApart($layer, $parts),
            $layer->layer->treatment->isHot() => $this->heated($layer, $parts),
            default => $this->cold($parts),
        };
        if ($parts['gelatin'] !== []) {
            array_unshift($steps, \sprintf('swell %s in five parts of cold water 5–10 min; melt gently at 50–60 °C, never boil.', self::and($parts['gelatin'])));
            $steps[] = 'temper the gelatin with 2–3 spoons of the warm mix, then stir it in.';
        }
        if ($parts['foam'] !== []) {
            $steps[] = $steps === []
                ? \sprintf('whip %s to soft peaks.', self::and([...$parts['foam'], ...$foamSugar]))
                : \sprintf('whip %s to soft peaks; fold in a third briskly to loosen, then the rest gently, with the mass at 28–35 °C.', self::and($parts['foam']));
        }

        if ($fired !== []) {
            array_unshift($steps, \sprintf('make a dough or batter of %s, bake it apart until dry through, cool, and cut or crumble it.', self::and($fired)));
            $steps[] = $layer->layer->treatment->bakes() ? 'lay the baked pieces in before it goes to the oven, and let them soak 15 min.' : 'lay the baked pieces in, or fold them through, to soak.';
        }

        $freeze = $layer->layer->treatment->step(TreatmentKind::Freeze);
        if ($freeze !== null) {
            $steps[] = \sprintf('fill and freeze to %g °C.', $freeze->celsius ?? -18.0);
        }

        return array_map(static fn(string $step): string => $layer->layer->name . ': ' . $step, $steps);
    }

    /** What a line is for in the making: each line has one place. */
    private static function role(Portion $portion, LayerReading $layer): string
    {
        $in = $portion->ingredient;
        $bakes = $layer->layer->treatment->bakes();
        $binds = $in->functions !== [] && ($in->isAgent() || ($in->group === 'starch' && !$bakes));

        return match (true) {
            $portion->fired => 'fired',
            $in->does('gelatin-bloom') > 0.0 => 'gelatin',
            $portion->whipped && $in->does('foam-overrun') > 0.0 => 'foam',
            $in->does('calcium') > 0.0 => 'calcium',
            $portion->boiled && $binds && ($in->does('lm-pectin') > 0.0 || $in->does('hm-pectin') > 0.0) && $in->composition->of100('water') < 50.0 => 'pectin',
            $portion->boiled && $binds => 'binder',
            $in->group === 'chocolate' || ($in->fatState === FatState::Continuous && $in->composition->family('fat.') > 60.0) => 'fat',
            \in_array($in->group, ['fruit', 'acid'], true) => 'sharp',
            $in->group === 'sugar' || $in->group === 'sweetener' => 'sugar',
            $in->group !== 'egg' && (\in_array($in->fatState, [FatState::Cheese, FatState::RichCream], true) || ($in->ph !== null && $in->ph < 5.2)) => 'cool',
            $in->composition->of100('water') > 50.0 && $in->group !== 'egg' => 'liquid',
            default => 'rest',
        };
    }

    /**
     * @param array<string, list<string>> $parts
     *
     * @return list<string>
     */
    private function boiledApart(LayerReading $layer, array $parts): array
    {
        $hasLiquid = $parts['liquid'] !== [];
        $into = [...$parts['liquid'], ...($hasLiquid ? [] : $parts['sharp']), ...$parts['rest'], ...($parts['pectin'] === [] ? $parts['sugar'] : [])];
        $later = [...$parts['cool'], ...($hasLiquid ? $parts['sharp'] : [])];
        $steps = $parts['pectin'] === [] || $parts['sugar'] === [] ? [] : [\sprintf('mix the pectin dry with %s, so that it does not clump.', self::and($parts['sugar']))];
        $steps[] = \sprintf('whisk %s cold into %s; bring to a full boil and boil 2–3 min, whisking.', self::and([...$parts['binder'], ...$parts['pectin']]), self::and($into));
        if ($parts['fat'] !== []) {
            $steps[] = \sprintf('off the heat, blend in %s, melted, at 35–45 °C until glossy.', self::and($parts['fat']));
        }
        if ($later !== []) {
            $steps[] = \sprintf('stir in %s last%s.', self::and($later), $parts['sharp'] !== [] && $hasLiquid ? ', so the acid never boils with the binder' : ', warm and no longer steaming');
        }
        if ($parts['calcium'] !== []) {
            $steps[] = \sprintf('dissolve %s in a spoon of hot water and stir it in at the end; it sets the pectin.', self::and($parts['calcium']));
        }
        if ($layer->layer->treatment->bakes()) {
            $steps[] = \sprintf('strain, fill and bake at %g °C until it wobbles in one piece, 80 °C in the middle.', $layer->layer->treatment->step(TreatmentKind::Bake)->celsius ?? 150.0);
        }

        return $steps;
    }

    /**
     * @param array<string, list<string>> $parts
     *
     * @return list<string>
     */
    private function heated(LayerReading $layer, array $parts): array
    {
        $treatment = $layer->layer->treatment;
        $all = [...$parts['liquid'], ...$parts['rest'], ...$parts['cool'], ...$parts['sugar'], ...$parts['sharp'], ...$parts['calcium']];
        $hasEgg = $layer->state->of100('protein.egg') > 0.3;
        if ($treatment->bakes()) {
            return [\sprintf('blend %s without air; strain, fill and bake at %g °C until it wobbles in one piece, %s in the middle.', self::and([...$all, ...$parts['fat']]), $treatment->step(TreatmentKind::Bake)->celsius ?? 150.0, $hasEgg ? '71 °C or more' : '80 °C')];
        }
        $boil = $treatment->step(TreatmentKind::Boil);
        $to = $boil !== null ? \sprintf('a boil and boil %g min', $boil->minutes ?? 2.0) : \sprintf('%g °C', $treatment->step(TreatmentKind::Cook)->celsius ?? TreatmentKind::COOKED);
        $steps = [\sprintf('heat %s, stirring, to %s%s.', self::and($all), $to, $hasEgg ? ' (egg dishes reach 71 °C)' : '')];
        if ($parts['fat'] !== []) {
            $steps[] = \sprintf('off the heat, blend in %s bit by bit.', self::and($parts['fat']));
        }

        return $steps;
    }

    /**
     * @param array<string, list<string>> $parts
     *
     * @return list<string>
     */
    private function cold(array $parts): array
    {
        $all = [...$parts['liquid'], ...$parts['rest'], ...$parts['cool'], ...$parts['sugar'], ...$parts['sharp'], ...$parts['calcium']];
        $steps = $parts['fat'] === [] ? [] : [\sprintf('melt %s at 40–45 °C.', self::and($parts['fat']))];
        if ($all !== []) {
            $steps[] = \sprintf($parts['fat'] === [] ? 'mix %s until smooth.' : 'blend in %s until smooth.', self::and($all));
        }

        return $steps;
    }

    /** @param list<string> $words */
    private static function and(array $words): string
    {
        return implode(', ', $words);
    }

    private function words(float $grams, Portion $portion): string
    {
        $juice = $portion->ingredient->group === 'fruit' && $portion->ingredient->is(Nature::PressedJuice) ? ($this->anyJuice ? ' (fresh, bottled or frozen: the same acid, a flatter aroma)' : ' (fresh)') : '';
        $lift = $portion->infused ? ' (infused, then lifted out)' : '';

        $solution = Scale::solution($grams, $portion->ingredient->composition->of100('water') > 50.0);

        return \sprintf('%s g %s%s%s%s', Scale::shown($grams), mb_strtolower($portion->ingredient->name), $juice, $lift, $solution === null ? '' : " ($solution)");
    }

    private function chill(DishReading $dish): string
    {
        // A sub-step that boils leaves the layer as warm as a cooked one.
        $cooked = array_filter($dish->layers, static fn(LayerReading $l): bool => $l->layer->treatment->isHot()
            || array_filter($l->state->model->portions, static fn(Portion $p): bool => $p->boiled || $p->heated) !== []) !== [];
        $frozen = $dish->formula->serveAt < -2.0;
        $text = $frozen
            ? \sprintf('Freeze to −18 °C; temper before serving at %g °C.', $dish->formula->serveAt)
            : \sprintf('Press film on the surface and chill to 5 °C. %s Serve at %g °C.', $this->marks($dish), $dish->formula->serveAt);

        return $cooked ? $text . ' Cool cooked layers from 57 to 21 °C within 2 h and to 5 °C within 6 h in all (FDA Food Code 3-501.14); follow your local code.' : $text;
    }

    /** When it may be cut: once its middle is cold and its gel has formed, not before three hours; or after a night. */
    private function marks(DishReading $dish): string
    {
        $gelatin = array_filter($dish->layers, static fn(LayerReading $l): bool => ($l->set->mechanisms['gelatin'] ?? 0.0) > 0.1) !== [];
        $cold = array_map(static fn(Cooling $c): float => $c->coreHours ?? 24.0, $dish->stack->whole === null ? $dish->stack->coolings : [$dish->stack->whole]);
        $hours = (int) ceil(max(3.0, $gelatin ? self::GELATIN_HOURS : 0.0, ...$cold) - 0.05);

        return match ($this->chill) {
            ChillMarks::Hours => \sprintf('It may be cut after %d h%s.', $hours, $gelatin ? ', when the gelatin has formed most of its gel' : ''),
            ChillMarks::Night => 'Cut it only after a night.',
            ChillMarks::Both => \sprintf('It may be cut after %d h; it is at its best after a night.', $hours),
        };
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
                $words[] = $this->words($grams, $portion);
            }
        }

        return $words;
    }
}
