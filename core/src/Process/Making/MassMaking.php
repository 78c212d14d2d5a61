<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Kind\Kind;
use Transmuta\Property\Portion;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Nature;

/** What is made of a layer before it is filled in: prepared, heated or not, with its gelatin and its foam. */
final readonly class MassMaking
{
    public function __construct(private LayerAtWork $at, private Kind $kind) {}

    /**
     * What is made of the layer before it is filled in.
     *
     * @return list<string> ids of the last steps of the making, any of which the filling waits for
     */
    public function filling(string $weighed): array
    {
        $prepared = $this->prepared($weighed);
        $swollen = $this->at->roles['gelatin'] === [] ? null : $this->at->steps->add(StepKind::Swell, 'swell the gelatin in five parts of cold water.', [], [$weighed], new StepDetail(thing: 'swollen', reason: 'dry gelatin clumps in a warm mass'));
        $fired = $this->fired($weighed);
        $mass = match (true) {
            $this->at->roles['binder'] !== [] || $this->at->roles['pectin'] !== [] => $this->boiledApart($weighed, $prepared),
            $this->at->layer->layer->treatment->isHot() => $this->heated($weighed, $prepared),
            default => $this->cold($weighed, $prepared),
        };
        if ($swollen !== null) {
            $gelatin = $this->at->of('gelatin');
            $mass = $this->at->steps->add(StepKind::TemperIn, \sprintf('melt %s at 50–60 °C, never boil it; temper it with 2–3 spoons of the mass, then stir it in.', $this->at->told($gelatin)), $gelatin, [$swollen, $mass], new StepDetail(target: $this->at->book->value('gelatin-melt-c'), thing: 'gelatin-join', reason: 'boiled it sets no more; into a cold mass it strings'));
        }
        if ($this->at->roles['foam'] !== []) {
            $mass = $this->folded($weighed, $mass);
        }

        return array_values(array_filter([$mass, $fired], is_string(...)));
    }

    /**
     * Juice pressed, eggs parted, nuts soaked.
     *
     * @return list<string>
     */
    private function prepared(string $weighed): array
    {
        $of = fn(callable $is): array => $this->at->lines(array_values(array_filter(array_merge(...array_values($this->at->roles)), fn(int $i): bool => $is($this->at->portion($i)))));
        $steps = [];
        $juice = $of(static fn(Portion $p): bool => $p->ingredient->is(Nature::PressedJuice));
        if ($juice !== []) {
            $steps[] = $this->at->steps->add(StepKind::PrepFruit, \sprintf('press and strain %s.', $this->at->told($juice)), [], [], new StepDetail(mass: array_sum(array_column($juice, 'grams')), thing: 'prepared'));
        }
        $eggs = $of(static fn(Portion $p): bool => $p->ingredient->is(Nature::Yolk) || $p->ingredient->is(Nature::White));
        if ($eggs !== []) {
            $steps[] = $this->at->steps->add(StepKind::Separate, \sprintf('part the eggs for %s.', $this->at->told($eggs)), [], [], new StepDetail(mass: array_sum(array_column($eggs, 'grams')), thing: 'prepared'));
        }
        $nuts = $of(static fn(Portion $p): bool => $p->ingredient->is(Nature::SoakOvernight));
        if ($nuts !== []) {
            $steps[] = $this->at->steps->add(StepKind::Soak, \sprintf('soak %s in twice their weight of cold water, in the fridge; drain them well.', $this->at->told($nuts)), [], [$weighed], new StepDetail(thing: 'soaked', reason: 'unsoaked they stay gritty'));
        }
        $cans = $of(static fn(Portion $p): bool => $p->ingredient->is(Nature::ChillUnshaken) && $p->whipped);
        if ($cans !== []) {
            $steps[] = $this->at->steps->add(StepKind::Chill, \sprintf('chill %s, the tins unshaken.', $this->at->told($cans)), [], [], new StepDetail(target: 5.0, wait: Wait::of(12 * 60.0, 24 * 60.0, 72 * 60.0), mass: array_sum(array_column($cans, 'grams')), endpoint: 'a solid cap under the lid', reason: 'only the firm part whips'));
        }

        return $steps;
    }

    private function fired(string $weighed): ?string
    {
        if ($this->at->roles['fired'] === []) {
            return null;
        }
        $lines = $this->at->of('fired');
        $made = $this->at->steps->add(StepKind::Knead, \sprintf('make a dough or batter of %s.', $this->at->told($lines)), $lines, [$weighed]);
        $minutes = $this->at->book->value('batter-25mm-min');
        $baked = $this->at->steps->add(StepKind::Bake, 'bake it apart, dry through.', [], [$made], new StepDetail(target: 170.0, wait: Wait::of(0.8 * $minutes, $minutes, 1.2 * $minutes), endpoint: 'dry through, springs back'));

        return $this->at->steps->add(StepKind::Rest, 'let it get cold, then cut or crumble it.', [], [$baked], new StepDetail(wait: Wait::of($this->at->book->value('crust-cool-min'), $this->at->book->value('crust-cool-min'), $this->at->book->holds('baked')), thing: 'baked'));
    }

    /** @param list<string> $prepared */
    private function boiledApart(string $weighed, array $prepared): string
    {
        $hasLiquid = $this->at->roles['liquid'] !== [];
        $dry = $this->at->roles['pectin'] !== [] && $this->at->roles['sugar'] !== [];
        $into = $this->at->of('liquid', 'rest', ...($hasLiquid ? [] : ['sharp']), ...($dry ? [] : ['sugar']));
        $later = $this->at->of('cool', ...($hasLiquid ? ['sharp'] : []));
        $binders = $this->at->of('binder', ...($dry ? [] : ['pectin']));
        $isGel = $this->at->isPouredHot();
        $start = $dry ? $this->at->steps->add(StepKind::MixDry, \sprintf('mix %s dry with %s.', $this->at->told($this->at->of('pectin')), $this->at->told($this->at->of('sugar'))), [...$this->at->of('pectin'), ...$this->at->of('sugar')], [$weighed], new StepDetail(reason: 'pectin alone clumps in liquid')) : null;
        $boiled = [...$binders, ...$into];
        $mass = array_sum(array_column($boiled, 'grams'));
        $hold = $this->at->book->value($this->at->layer->window !== null ? 'boil-hold-raw-yolk' : ($isGel ? 'boil-hold-agent' : 'boil-hold-starch'));
        // Pearls want longer than a powder: what the formula says counts where it is more.
        $hold = max($hold, $this->at->layer->layer->treatment->step(TreatmentKind::Boil)->minutes ?? 0.0);
        $last = $this->at->steps->add(StepKind::Boil, \sprintf('whisk %s cold into %s; bring to a full boil and hold it %g min, whisking.', $binders === [] ? 'it' : $this->at->told($binders), $into === [] ? 'the liquid' : $this->at->told($into), $hold), $boiled, [$weighed, $start, ...$prepared], new StepDetail(target: 100.0, attended: $this->at->heats($mass, 20.0, 100.0) + $hold, thing: !$isGel ? 'cooked' : ($this->at->layer->ph !== null && $this->at->layer->ph < 4.0 ? 'hot-gel-acid' : 'hot-gel'), reason: $this->at->layer->window !== null ? 'raw yolk eats starch that has not boiled' : 'what sets it dissolves only at the boil', endpoint: \sprintf('bubbles break in the middle, over %g °C for %g min', $this->at->book->value('boil-c'), $hold)));
        $last = $this->reduced($last);
        $fat = $this->at->of('fat');
        if ($fat !== []) {
            $last = $this->at->steps->add(StepKind::Blend, \sprintf('off the heat blend in %s.', $this->at->told($fat)), $fat, [$last], new StepDetail(target: $this->at->book->value('butter-in-c'), mass: $mass, reason: 'boiled with the rest the fat parts'));
        }
        $cultured = $this->at->roles['cool'] !== [] && !$isGel;
        if ($later !== []) {
            if ($cultured) {
                $last = $this->cooled($last, $mass, $this->at->book->value('cultured-c'), 'a steaming mass curdles cultured cream');
            }
            $last = $this->at->steps->add(StepKind::TemperIn, \sprintf($cultured ? 'stir in %s.' : 'stir in %s last, warm.', $this->at->told($later)), $later, [$last, ...$prepared], new StepDetail(target: $isGel ? $this->at->book->value('agar-join-c') : $this->at->book->value('cultured-c'), thing: $isGel ? 'agar-join' : null, reason: $isGel ? 'a cold mass grains it, and acid in the boil weakens it' : 'acid in the boil weakens what binds'));
        }
        if ($this->at->roles['calcium'] !== []) {
            $calcium = $this->at->of('calcium');
            $last = $this->at->steps->add(StepKind::TemperIn, \sprintf('dissolve %s in a spoon of hot water and stir it in at the end.', $this->at->told($calcium)), $calcium, [$last], new StepDetail(target: 65.0, thing: 'agar-join', reason: 'calcium sets pectin at once: before it has dissolved it clumps'));
        }

        // What comes out of the fridge has cooled it.
        return $isGel || $cultured || $this->at->layer->layer->treatment->bakes() ? $last : $this->cooled($last, $mass, $this->at->book->value('pour-below-c'), 'warm it melts what is under it');
    }

    /**
     * @param list<string> $prepared
     *
     * @return ?string null where nothing but the foam is in it
     */
    private function heated(string $weighed, array $prepared): ?string
    {
        $treatment = $this->at->layer->layer->treatment;
        // Juice that sets cream by its acid curdles it in the boil, and joins after it.
        $sets = isset($this->at->layer->set->mechanisms['citrus']) && $treatment->inPan()?->kind === TreatmentKind::Boil ? $this->at->of('sharp') : [];
        $cultured = $this->joinsCool() ? $this->at->of('cool') : [];
        $all = $this->at->of('liquid', 'rest', ...($cultured === [] ? ['cool'] : []), ...['sugar'], ...($sets === [] ? ['sharp'] : []), ...['calcium']);
        $fat = $this->at->of('fat');
        if ([...$all, ...$fat, ...$sets, ...$cultured] === []) {
            return null;
        }
        if ($treatment->bakes() && $treatment->inPan() === null) {
            return $this->at->steps->add($this->at->roles['cool'] !== [] ? StepKind::Beat : StepKind::Blend, \sprintf('mix %s without air.', $this->at->told([...$all, ...$fat])), [...$all, ...$fat], [$weighed, ...$prepared], new StepDetail(endpoint: 'smooth, no lump and no froth'));
        }
        $pan = $treatment->inPan();
        $isBoil = $pan?->kind === TreatmentKind::Boil;
        $to = $isBoil ? 100.0 : ($this->at->layer->window !== null && $pan?->celsius === null ? $this->at->layer->window->done : ($pan->celsius ?? Figure::CookedUnsaid->number()));
        $window = $this->at->layer->window;
        $liquid = $window !== null && $this->at->roles['liquid'] !== [] ? $this->at->of('liquid') : [];
        $hold = $isBoil ? ($pan->minutes ?? 2.0) : 0.0;
        $mass = array_sum(array_column($all, 'grams'));
        if ($liquid !== []) {
            $hot = $this->at->steps->add(StepKind::Heat, \sprintf('heat %s.', $this->at->told($liquid)), $liquid, [$weighed, ...$prepared], new StepDetail(target: 70.0, attended: $this->at->heats(array_sum(array_column($liquid, 'grams')), 8.0, 70.0), reason: 'hot on cold, so that egg warms evenly'));
            $rest = $this->at->without($all, $liquid);
            $last = $this->at->steps->add($isBoil ? StepKind::Boil : StepKind::Cook, \sprintf('pour it in a thread onto %s, back, and %s.', $this->at->told($rest), $isBoil ? \sprintf('boil %g min', $hold) : \sprintf('cook to %.0f °C, stirring', $to)), $rest, [$hot, $weighed, ...$prepared], new StepDetail(target: $to, attended: $this->at->heats($mass, 60.0, $to) + $hold, mass: $mass, thing: 'cooked', reason: $window !== null && !$window->mayBoil ? \sprintf('it thickens from %.0f and curdles at %.0f °C', $window->thickens, $window->curdles) : ''));
        } else {
            $last = $this->at->steps->add($isBoil ? StepKind::Boil : StepKind::Cook, \sprintf('%s, stirring, %s.', 'heat ' . $this->at->told($all), $isBoil ? \sprintf('to a boil and boil %g min', $hold) : \sprintf('to %.0f °C', $to)), $all, [$weighed, ...$prepared], new StepDetail(target: $to, attended: $this->at->heats($mass, 20.0, $to) + $hold, mass: $mass, thing: 'cooked', reason: $window !== null && !$window->mayBoil ? \sprintf('it thickens from %.0f and curdles at %.0f °C', $window->thickens, $window->curdles) : ''));
        }
        if ($window !== null && $this->kind->isStrained) {
            $last = $this->at->steps->add(StepKind::Strain, 'strain it.', [], [$last], new StepDetail(mass: $mass));
        }
        $last = $this->reduced($last);
        if ($sets !== []) {
            $last = $this->at->steps->add(StepKind::TemperIn, \sprintf('off the heat stir in %s.', $this->at->told($sets)), $sets, [$last, ...$prepared], new StepDetail(reason: 'in the boil the acid curdles it, off the heat it sets it'));
        }
        if ($fat !== []) {
            $last = $this->at->steps->add(StepKind::Blend, \sprintf('blend in %s in pieces.', $this->at->told($fat)), $fat, [$last], new StepDetail(target: $this->at->book->value('butter-in-c'), mass: $mass, reason: 'hotter the butter turns to oil'));
        }
        $isGel = $this->at->isPouredHot();
        if ($cultured !== []) {
            $to = $this->at->book->value($isGel ? 'agar-join-c' : 'cultured-c');
            $last = $isGel ? $last : $this->cooled($last, $mass, $to, 'a steaming mass curdles cultured cream');
            $last = $this->at->steps->add(StepKind::TemperIn, \sprintf('stir in %s.', $this->at->told($cultured)), $cultured, [$last, ...$prepared], new StepDetail(target: $to, thing: $isGel ? 'agar-join' : null, reason: 'hotter it loosens and splits'));
        }

        // What comes out of the fridge has cooled it.
        $isCool = $isGel || $treatment->bakes() || ($cultured !== [] && $this->at->roles['foam'] === []);

        return $isCool ? $last : $this->cooled($last, $mass, $this->at->roles['foam'] !== [] ? $this->at->book->foldAt($this->at->roles) : $this->at->book->value('pour-below-c'), 'warm it melts what is under it');
    }

    /** Whether cultured cream and cheese are stirred into what was cooked, once it has cooled: where there is enough to cook without them. */
    private function joinsCool(): bool
    {
        $layer = $this->at->layer;
        if ($this->at->roles['cool'] === [] || $layer->layer->treatment->bakes() || $layer->layer->treatment->inPan() === null) {
            return false;
        }
        $mass = $water = 0.0;
        foreach ($layer->state->model->portions as $i => $portion) {
            if (!\in_array($i, $this->at->roles['cool'], true)) {
                $mass += $layer->state->grams[$i];
                $water += $layer->state->grams[$i] * $portion->ingredient->composition->of100('water') / 100;
            }
        }

        return $mass >= Figure::CookedApartShare->number() * $layer->state->mixed && $water >= Figure::CookedApartWater->number() * $mass;
    }

    /** @param list<string> $prepared */
    private function cold(string $weighed, array $prepared): ?string
    {
        $all = $this->at->of('liquid', 'rest', 'cool', 'sugar', 'sharp', 'calcium', 'binder');
        $fat = $this->at->of('fat');
        $melted = $fat === [] ? null : $this->at->steps->add(StepKind::Melt, \sprintf('melt %s.', $this->at->told($fat)), $fat, [$weighed], new StepDetail(target: $this->at->book->value('fat-melt-c'), attended: $this->at->heats(array_sum(array_column($fat, 'grams')), 15.0, $this->at->book->value('fat-melt-c')), thing: 'melted-fat'));
        if ($all === []) {
            return $melted ?? ($this->at->roles['foam'] === [] && $this->at->roles['gelatin'] === [] ? $weighed : null);
        }
        $kind = match (true) {
            array_filter($this->at->layer->state->model->portions, LayerAtWork::isBlended(...)) !== [] => StepKind::Blend,
            $this->at->roles['cool'] !== [] => StepKind::Beat,
            $fat !== [] => StepKind::Blend,
            default => StepKind::Beat,
        };

        return $this->at->steps->add($kind, \sprintf('mix %s%s until smooth.', $this->at->told($all), $melted === null ? '' : ', warmed to 28 °C, into the melted fat'), $all, [$weighed, $melted, ...$prepared], new StepDetail(reason: $melted === null ? '' : 'fat flecks in a cold mass'));
    }

    private function folded(string $weighed, ?string $mass): string
    {
        // Fat lets a white foam fall: cream and whites are never whipped in one bowl. The denser goes in first.
        $isRich = fn(int $i): bool => $this->at->portion($i)->ingredient->composition->family('fat.') > 10.0;
        $bowls = array_values(array_filter([
            [true, array_values(array_filter($this->at->roles['foam'], $isRich))],
            [false, array_values(array_filter($this->at->roles['foam'], static fn(int $i): bool => !$isRich($i)))],
        ], static fn(array $bowl): bool => $bowl[1] !== []));
        // Sugar that is whipped stands with the one foam there is.
        if (\count($bowls) === 2 && array_filter($bowls[1][1], fn(int $i): bool => $this->at->portion($i)->ingredient->does('foam-overrun') > 0.0) === []) {
            $bowls = [[true, [...$bowls[0][1], ...$bowls[1][1]]]];
        }
        $last = $mass;
        foreach ($bowls as [$isCream, $at]) {
            $last = $this->whipped($weighed, $this->at->lines($at), $isCream, $last);
        }

        return (string) $last;
    }

    /** @param list<array{ingredient: string, grams: float}> $lines */
    private function whipped(string $weighed, array $lines, bool $isCream, ?string $mass): string
    {
        $cold = $isCream ? $this->at->steps->add(StepKind::ChillTools, 'bowl and whisk into the freezer.', [], [], new StepDetail(thing: 'tools')) : null;
        $whipped = $this->at->steps->add($isCream ? StepKind::Whip : StepKind::Foam, \sprintf('whip %s to soft peaks.', $this->at->told($lines)), $lines, [$weighed, $cold], new StepDetail(target: $isCream ? 6.0 : 20.0, thing: $isCream ? ($this->at->roles['gelatin'] !== [] || $mass === null ? 'cream-held' : 'cream') : 'foam', reason: $isCream ? 'over 8 °C its fat holds no air' : 'a trace of fat and it will not rise'));
        if ($mass === null) {
            return $whipped;
        }
        $at = $this->at->book->foldAt($this->at->roles);

        return $this->at->steps->add(StepKind::Fold, \sprintf('a third of the foam in briskly, the rest gently, with the mass at %.0f °C.', $at), [], [$mass, $whipped], new StepDetail(target: $at, mass: $this->at->layer->state->mixed, thing: $this->at->roles['gelatin'] !== [] || $this->at->roles['fat'] !== [] ? 'folded' : 'folded-bare', reason: 'warmer the foam dies, colder the mass sets in streaks'));
    }

    private function reduced(string $last): string
    {
        $lost = $this->at->layer->state->mixed - $this->at->layer->state->mass;
        if ($lost < 1.0 || $this->at->layer->layer->loss === null || $this->at->layer->layer->loss->isNone()) {
            return $last;
        }
        $minutes = $lost / ($this->at->book->value('evaporation') * $this->at->book->value('ring-kw'));

        return $this->at->steps->add(StepKind::Reduce, \sprintf('reduce it by %.0f g.', $lost), [], [$last], new StepDetail(target: 100.0, attended: $minutes, mass: $this->at->layer->state->mixed, endpoint: \sprintf('the pan weighs %.0f g less', $lost)));
    }

    private function cooled(string $last, float $mass, float $to, string $reason): string
    {
        return $this->at->steps->add(StepKind::Cool, \sprintf('cool it to %.0f °C in an ice bath, stirring.', $to), [], [$last], new StepDetail(target: $to, attended: $this->at->book->value('ice-bath-min') * ($mass / 1000) ** (1 / 3), mass: $mass, thing: 'cooked', reason: $reason));
    }
}
