<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Family;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Treatment;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Taste\Characters;
use Transmuta\Property\Taste\SweetenerIntake;
use Transmuta\Reference\Energy;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/** Finds what leaves a layer, what can stand in for each line, and the ways to put them together: like for like first. */
final readonly class LayerPlanner
{
    /** Ways to rewrite one layer that are drafted. */
    private const MOST_DRAFTS = 7;

    private Characters $characters;
    private SchooledLines $lines;
    private PlainWays $ways;
    private Heating $heating;

    /** @param array<string, true> $spared ids of fruit that a number alone keeps out, and that may stay as far as the number lets it */
    public function __construct(
        private Shelf $shelf,
        private Permit $permit,
        private Substitutes $twins,
        private Schools $schools,
        private Reference $reference,
        private array $spared = [],
    ) {
        $this->heating = new Heating($shelf, $permit);
        $this->characters = new Characters($reference);
        $this->lines = new SchooledLines($shelf, $permit, $schools);
        $this->ways = new PlainWays($shelf, $permit);
    }

    /**
     * @param ?Treatment $treatment the heat the layer gets instead of its own
     *
     * @return list<int> the understood lines of the layer that the brief bans, or that the other heat leaves without their job
     */
    public function banned(Layer $layer, ?Treatment $treatment = null): array
    {
        $banned = [];
        foreach ($layer->understood() as $i => $line) {
            $in = $this->shelf->get((string) $line->ingredient);
            if ($line->grams > 0.0 && (($this->permit->bans($in) && !isset($this->spared[$in->id])) || ($treatment !== null && self::leavesWith($in, $treatment)))) {
                $banned[] = $i;
            }
        }

        return $banned;
    }

    /** Egg and starch do nothing unbaked, and are not for eating raw; gelatin has no place in an oven. */
    private static function leavesWith(Ingredient $in, Treatment $treatment): bool
    {
        return $treatment->bakes() ? $in->does('gelatin-bloom') > 0.0 : $in->comesFrom('egg') || \in_array($in->class, ['starch', 'wheat-flour', 'gf-flour'], true);
    }

    /**
     * @param ?Treatment $treatment the heat the layer gets instead of its own
     * @param string $kind of the layer's mass; '' where it is not known
     *
     * @return list<Draft> a kitchen's own ways first, then like for like; none where nothing has to change
     */
    public function drafts(LayerReading $layer, Family $family, float $serveAt, Needs $needs, ?Treatment $treatment = null, string $kind = ''): array
    {
        $banned = $this->banned($layer->layer, $treatment);
        if ($banned === [] && $needs->nothing() && $treatment === null) {
            return [];
        }
        $place = Place::of($layer, $serveAt);
        $rules = KindRules::of($kind, $layer, $needs->protein || $this->permit->asks(Diet::HighProtein));
        $written = $layer->baseWords === null ? $this->lines->written($layer, $family) : $layer->layer->understood();
        $only = '';
        foreach ($this->schools->curdEgg === null ? [] : $this->schools->eggParts($family) as $part) {
            $lines = $this->lines->eggsAs($part, $written, $banned);
            [$written, $only] = $lines === null ? [$written, ''] : [$lines, $part];
        }
        $options = [];
        foreach ($banned as $i) {
            $options[$i] = array_values(array_filter($this->options($written[$i], $place, $layer), fn(Substitution $one): bool => !$this->isBarred($one, $rules)));
        }
        $drafts = [];
        $add = function (array $choice, int $skip, ?array $lines = null, ?string $part = null, ?PlainWay $plain = null) use ($only, $rules, &$drafts, $layer, $place, $needs, $treatment, $written, $options): void {
            $draft = $this->draft($layer, $place, $needs, $treatment, $lines ?? $written, $options, new Way($choice, $skip, $part ?? $only, \count($drafts), $rules, $plain));
            if ($draft !== null) {
                $drafts[$draft->id] ??= $draft;
            }
        };
        foreach ($treatment === null && $only === '' ? $this->ways->of($kind, $written, $banned, $layer->state->mixed) : [] as $plain) {
            $add([], 0, null, null, $plain);
        }
        $add([], 0);
        $widest = max([1, ...array_map(\count(...), $options)]);
        $hasOthers = array_filter(array_keys($options), fn(int $i): bool => !$this->isFat($written[$i])) !== [];
        for ($n = 1; $n < min($widest, 4); ++$n) {
            // Butter is butter of plants whatever stands for the egg: once the plain choice for a fat stays while the others change.
            if ($n === 1 && $hasOthers) {
                $choice = [];
                foreach ($options as $i => $all) {
                    $choice[$i] = $this->isFat($written[$i]) ? 0 : min($n, \count($all) - 1);
                }
                $add($choice, 0);
            }
            $add(array_map(static fn(array $all): int => min($n, \count($all) - 1), $options), 0);
        }
        foreach ($layer->baseWords === null ? [1, 2] : [] as $skip) {
            $add([], $skip);
        }
        foreach ($this->schools->curdEgg === null ? $this->schools->eggParts($family) : [] as $part) {
            $lines = $this->lines->eggsAs($part, $written, $banned);
            if ($lines !== null) {
                $add([], 0, $lines, $part);
            }
        }

        return \array_slice(array_values($drafts), 0, self::MOST_DRAFTS);
    }

    private function isFat(Line $line): bool
    {
        $in = $this->shelf->get((string) $line->ingredient);

        return $in->group === 'fat' || ($in->group === 'dairy' && $in->composition->family('fat.') >= Figure::PlannerFatty->number());
    }

    /** Whether a mass of the kind takes nothing of what makes up most of it. */
    private function isBarred(Substitution $one, KindRules $rules): bool
    {
        $barred = array_filter($one->mix, fn(string|int $id): bool => $rules->bars($this->shelf->get((string) $id)), \ARRAY_FILTER_USE_KEY);

        // Of what is baked before, every part is what it is: a meringue without its foam is sugar.
        return array_sum($barred) > ($one->isBaked ? Figure::PlannerPart->number() : Figure::PlannerMain->number());
    }

    /** @return list<Substitution> */
    private function options(Line $line, Place $place, LayerReading $layer): array
    {
        $in = $this->shelf->get((string) $line->ingredient);
        $where = $place->ofLine($line, $layer);
        // Much egg in a base makes a sponge of it; a little only binds a dough.
        if ($where === 'base' && $in->comesFrom('egg')) {
            $where = $line->grams > Figure::BaseSponge->number() * $layer->state->mixed ? 'crumb' : 'dough';
        }
        $options = $this->twins->of($in, $this->permit->dietsBanning($in), $where);
        // What would take the line's place while nothing is known of its kind is asked of its parts.
        $nearer = array_values(array_filter($options, static fn(Substitution $t): bool => !$t->isNone()));

        // Of several kinds of one class, the one that is about the same comes first: a coffee liqueur's before an orange one's.
        $shared = fn(Substitution $t): int => $this->characters->shared($in, array_map(fn(string|int $id): Ingredient => $this->shelf->get((string) $id), array_keys($t->mix)));
        usort($nearer, static fn(Substitution $a, Substitution $b): int => $shared($b) <=> $shared($a));

        // Whipped fruit is a school of its own: first where the studio leads with it, never where it leads with cream or the layer is rich.
        $isFruit = fn(Substitution $t): bool => array_filter(array_keys($t->mix), fn(string|int $id): bool => $this->shelf->get((string) $id)->class === 'starchy-fruit') !== [];
        if ($place->ofLine($line, $layer) === 'foam') {
            $fruit = array_values(array_filter($nearer, $isFruit));
            $other = array_values(array_filter($nearer, static fn(Substitution $t): bool => !$isFruit($t)));
            $isLean = $layer->state->fat < Figure::PlannerLeanWhip->number();
            $nearer = match ($this->schools->leanWhip) {
                true => [...$fruit, ...$other],
                false => $other,
                null => $isLean ? [...\array_slice($other, 0, 2), ...$fruit, ...\array_slice($other, 2)] : $other,
            };
        }

        return $nearer === [] ? \array_slice($options, 0, 1) : $nearer;
    }

    /**
     * @param array<int, Line> $lines
     * @param array<int, list<Substitution>> $options what may stand in for each line that leaves, by its place
     */
    private function draft(LayerReading $layer, Place $place, Needs $needs, ?Treatment $treatment, array $lines, array $options, Way $way): ?Draft
    {
        [$skip, $part] = [$way->skip, $way->part];
        $mass = $layer->state->mixed;
        $pool = new Pool($way->rules, $this->shelf);
        $twins = $lost = [];
        $boiledOff = 0.0;
        $isBaked = $isChanged = false;
        foreach ($lines as $i => $line) {
            $id = (string) $line->ingredient;
            $in = $this->shelf->get($id);
            if ($line->grams <= 0.0) {
                continue;
            }
            if ($way->plain !== null && \array_key_exists($i, $way->plain->leaves)) {
                $twins += $way->plain->leaves[$i] === null ? [] : [$id => $way->plain->leaves[$i]];
                $isChanged = true;
                foreach (array_filter($way->plain->comes, static fn(array $one): bool => $one['for'] === $i) as $comes => ['dose' => $dose]) {
                    $pool->bring($this->limited($comes, $dose, $place, $layer, Heating::prep($this->shelf->get($comes), $line, $layer)));
                }
                continue;
            }
            if (isset($options[$i])) {
                $twin = $options[$i][$way->choice[$i] ?? 0] ?? null;
                if ($twin === null || $twin->isNone()) {
                    $lost[] = $twin === null ? \sprintf('nothing on the shelf stands in for %s', mb_strtolower($in->name)) : $twin->note;
                    $this->leaveAsParts($pool, $in, $line, $place, $mass);
                    continue;
                }
                if ($twin->isAnother) {
                    $lost[] = $twin->note;
                }
                $twins[$id] = $twin;
                $boiledOff += $twin->boilOff * $line->grams;
                $isBaked = $isBaked || $twin->isBaked;
                $this->bring($pool, $twin, $line, $line->grams, $place, $layer);
                continue;
            }
            $isChanged = $this->keep($pool, $line, $in, $needs, $place, $layer, $part) || $isChanged;
        }
        $isWet = $place === Place::Base || $layer->state->water >= Figure::PlannerMoist->number();
        $hasPowder = array_filter($pool->incoming(), fn(string $id): bool => $this->shelf->get($id)->group === 'protein') !== [];
        // A fruit jelly is set by gelatin and takes no powder until nothing else is left.
        $takesPowder = $place === Place::Base || ($isWet && $layer->state->protein - $layer->state->of100('protein.gelatin') >= Figure::PlannerHasProtein->number()) || ($needs->reach > 1 && $layer->state->water >= Figure::PlannerLiquid->number());
        if ($needs->protein && $takesPowder) {
            // One powder is enough; what a twin brought may be all of it.
            if (!$hasPowder) {
                $this->powder($pool, $place, $layer, $skip);
            }
            $isChanged = true;
        }
        if (!$isChanged && !$needs->otherwise && $treatment === null && $options === [] && $part === '') {
            return null;
        }
        $this->citrus($pool, $place, $layer);
        if ($way->plain === null) {
            $this->hold($pool, $place, $layer);
        }
        $unknowns = $pool->unknowns();
        if ($unknowns === []) {
            return null;
        }
        $isBaked = $isBaked || $this->heating->mustBake($pool->incoming(), array_map(static fn(int $i): string => (string) $lines[$i]->ingredient, array_keys($options)));
        $template = $this->heating->layer($layer, $unknowns, $treatment, $boiledOff / max(1.0, $mass + $boiledOff), $isBaked && $place === Place::Base);
        $unknowns = $this->heating->safe($unknowns, $template);
        $id = ($way->plain === null ? '' : 'way: ') . implode('+', [...array_map(static fn(string $from, Substitution $t): string => $from . '>' . implode('.', array_keys($t->mix)), array_keys($twins), array_values($twins)), ...($skip === 0 ? [] : ["other-$skip"]), ...($part === '' ? [] : [$part])]) ?: 'kept';

        return new Draft($id, $unknowns, $template, $twins, array_values(array_unique($lost)), $skip, $part, $way->rank, $way->plain !== null, $way->rules);
    }

    private function bring(Pool $pool, Substitution $twin, Line $line, float $grams, Place $place, LayerReading $layer): void
    {
        $weighed = $grams * $twin->ratio;
        $wasBaked = $this->shelf->get((string) $line->ingredient)->group === 'base';
        foreach ($twin->mix as $id => $share) {
            $in = $this->shelf->get($id);
            $typical = $weighed * $share;
            $isAgent = \in_array($in->class, ['gel-agent', 'gelatin', 'starch', 'custard-powder', 'thickener', 'emulsifier', 'acid', 'bulk-sweetener', 'intense-sweetener', 'sugar', 'water'], true);
            [$low, $high] = match (true) {
                $this->bothAbout($layer, (string) $line->ingredient, $in) => [Figure::PlannerStaysAbout->number(), Weights::of('twin.main.high')],
                $isAgent => [Weights::of('twin.agent.low'), Weights::of('twin.agent.high')],
                $share >= Figure::PlannerMain->number() => [Weights::of('twin.main.low'), Weights::of('twin.main.high')],
                default => [Weights::of('twin.side.low'), Weights::of('twin.side.high')],
            };
            // Baked before it is what it stands for, wherever the layer itself is not; bread and sponge also where it is.
            $prep = $twin->isBaked && $place !== Place::Base && ($wasBaked || $place !== Place::Baked) ? ['baked'] : Heating::prep($in, $line, $layer);
            $pool->bring($this->limited($id, new Dose($typical, $low * $typical, $high * $typical, !$isAgent && $share >= ($wasBaked || $twin->isBaked ? Figure::PlannerPart->number() : Figure::PlannerMain->number())), $place, $layer, $prep));
        }
        foreach ($twin->helpers as $helper) {
            if ($helper->condition?->holdsIn($layer) === false) {
                continue;
            }
            $dose = $helper->grams($weighed, $layer->state->mixed, $grams);
            $in = $this->shelf->find($helper->ingredient);
            if ($dose < 0.0) {
                $pool->loosen($helper->ingredient);
            } elseif ($in !== null && $this->permit->allows($in)) {
                $pool->bring($this->limited($in->id, new Dose($dose, 0.0, Weights::of('twin.agent.high') * $dose), $place, $layer, Heating::prep($in, $line, $layer)));
            }
        }
    }

    /** Whether what comes in carries what the layer was about, as what it stands in for did. */
    private function bothAbout(LayerReading $layer, string $replaced, Ingredient $in): bool
    {
        $was = $this->shelf->get($replaced);
        foreach (array_keys($this->characters->of($layer->state)) as $character) {
            if ($this->characters->carries($was, $character) && $this->characters->carries($in, $character)) {
                return true;
            }
        }

        return false;
    }

    /** A line with no twin leaves as its parts: those that may stay do, as lines of their own. */
    private function leaveAsParts(Pool $pool, Ingredient $in, Line $line, Place $place, float $mass): void
    {
        foreach (PartsBook::of($in->id) as $part) {
            $of = $this->shelf->find($part['id']);
            if ($of !== null && $part['share'] > 0.005 && $of->id !== $in->id && $this->permit->allows($of)) {
                $typical = $line->grams * $part['share'];
                $pool->bring(Unknown::substitute($of->id, $typical, 0.0, 2.0 * $typical, false, Heating::prep($of, $line, null)));
            }
        }
    }

    /** @return bool whether it may give way to something */
    private function keep(Pool $pool, Line $line, Ingredient $in, Needs $needs, Place $place, LayerReading $layer, string $part): bool
    {
        $mass = $layer->state->mixed;
        $isSeasoning = $line->grams < Figure::PlannerSeasoning->number() / 100 * $mass;
        if ($line->pinned || $line->has('infused') || $isSeasoning) {
            $pool->keep(Unknown::kept($line, true, pinned: $line->pinned));

            return false;
        }
        if (isset($this->spared[$in->id])) {
            // Less of it where the number asks for that: it is what the dish is called by, or a spoonful.
            $pool->keep(Unknown::freed($line, $line->grams)->bounded(Figure::PlannerSpared->number() * $line->grams, $line->grams));

            return true;
        }
        $swap = $needs->nothing() ? null : $this->swap($line, $in, $needs, $place, $layer);
        if ($swap !== null) {
            if ($swap->isNone()) {
                $pool->keep(Unknown::freed($line, Weights::of('swap.half') * (1.0 + $swap->ratio) * $line->grams)->bounded($swap->ratio * $line->grams, $line->grams));

                return true;
            }
            $isAbout = array_filter(array_keys($this->characters->of($layer->state)), fn(string $c): bool => $this->characters->carries($in, $c)) !== [];
            $freed = Unknown::freed($line, ($isAbout ? Figure::PlannerAbout->number() : Weights::of('swap.half')) * $line->grams);
            $pool->keep($isAbout ? $freed->bounded(Figure::PlannerAbout->number() * $line->grams, $freed->most) : $freed);
            $weighed = Weights::of('swap.half') * $line->grams * $swap->ratio;
            foreach ($swap->mix as $id => $share) {
                $other = $this->shelf->get($id);
                $typical = $weighed * $share;
                $pool->bring($this->limited($id, new Dose($typical, 0.0, Weights::of('twin.side.high') * $typical), $place, $layer, Heating::prep($other, $line, $layer)));
            }
            foreach ($swap->helpers as $helper) {
                if ($helper->condition?->holdsIn($layer) === false) {
                    continue;
                }
                $other = $this->shelf->find($helper->ingredient);
                $dose = $helper->grams($weighed, $mass, Weights::of('swap.half') * $line->grams);
                if ($other !== null && $dose > 0.0 && $this->permit->allows($other)) {
                    $pool->bring($this->limited($other->id, new Dose($dose, 0.0, Weights::of('twin.helper.high') * $dose), $place, $layer, Heating::prep($other, $line, $layer)));
                }
            }

            return true;
        }
        $fatty = ($needs->lean || $needs->protein) && $in->composition->family('fat.') >= 60.0;
        $isPart = $part !== '' && $in->class === $part;
        $pool->keep(Unknown::kept($line, false, $needs->otherwise || $isPart ? Weights::of('free.part') : ($fatty ? Weights::of('free.fatty') : Weights::of('free.kept'))));

        return false;
    }

    /** What may take part of a line that is not banned, so that a number of the brief can be kept; only what moves that number. */
    private function swap(Line $line, Ingredient $in, Needs $needs, Place $place, LayerReading $layer): ?Substitution
    {
        $isSugar = \in_array($in->group, ['sugar'], true) || $in->class === 'honey';
        if ($isSugar && $this->permit->asks(Diet::Keto)) {
            return null;
        }
        foreach ($needs->rows($isSugar) as $rows) {
            foreach ($this->twins->of($in, [$rows], $place->ofLine($line, $layer)) as $twin) {
                // The same thing, or one of its own class, is the line itself: a mix of nothing else says to use less of it.
                $mix = array_filter($twin->mix, fn(string|int $id): bool => $id !== $in->id && $this->shelf->get((string) $id)->class !== $in->class, ARRAY_FILTER_USE_KEY);
                $sum = array_sum($mix);
                if ($twin->isNone() || $twin->isAnother || $twin->boilOff > 0.0 || !\in_array($rows, $twin->diets, true)) {
                    continue;
                }
                if ($sum < 0.1) {
                    if ($twin->ratio < 0.95 && \count($twin->mix) === 1) {
                        return $twin->mixing([], $twin->ratio, $twin->patched);
                    }
                    continue;
                }
                $twin = $twin->mixing(array_map(static fn(float $s): float => $s / $sum, $mix), $twin->ratio, $twin->patched);
                if ($this->curdles($twin, $in, $layer)) {
                    continue;
                }
                $own = $this->burden($in->id, 1.0, $rows);
                $new = 0.0;
                foreach ($twin->mix as $id => $share) {
                    $new += $this->burden($id, $share * $twin->ratio, $rows);
                }
                if ($own - $new > 0.15 * abs($own) && $own > 0.0) {
                    return $twin;
                }
            }
        }

        return null;
    }

    /** Whether it brings soured milk to a boil that has no starch to hold it. */
    private function curdles(Substitution $twin, Ingredient $was, LayerReading $layer): bool
    {
        $isSour = static fn(Ingredient $in): bool => $in->group === 'dairy' && $in->ph !== null && $in->ph < Figure::MilkCurdlesBoiled->number();

        return $layer->layer->treatment->boils() && !$isSour($was) && $layer->state->of100('starch') < Figure::MilkStarched->number()
            && array_filter(array_keys($twin->mix), fn(string|int $id): bool => $isSour($this->shelf->get((string) $id))) !== [];
    }

    /** How much of what the brief limits comes with some grams of an ingredient. */
    private function burden(string $id, float $grams, string $rows): float
    {
        $c = $this->shelf->get($id)->composition;
        $carbs = $c->family('sugar.') + $c->of100('starch') + $c->of100('dextrin');
        if ($rows === 'keto' || $rows === 'low-sugar') {
            return $grams * ($rows === 'keto' ? $carbs : $c->family('sugar.')) / 100;
        }
        $kj = Energy::of(['carbohydrate' => $carbs, 'protein' => $c->family('protein.'), 'fat' => $c->family('fat.'), 'fibre' => $c->of100('fibre'), 'polyols' => $c->family('polyol.') - $c->of100('polyol.erythritol'), 'alcohol' => $c->of100('alcohol')]);

        return $grams * (0.2 * $kj - Energy::kj('protein') * $c->family('protein.')) / 100;
    }

    /** Juice and gelatin, where the studio makes its citrus-set fillings so. */
    private function citrus(Pool $pool, Place $place, LayerReading $layer): void
    {
        if (!$this->schools->citrusWithGelatin || ($layer->set->mechanisms['citrus'] ?? 0.0) < 0.1) {
            return;
        }
        foreach (MeansBook::for(Job::Set, 'short') as $means) {
            $in = $this->shelf->find($means['id']);
            if ($in !== null && $in->does('gelatin-bloom') > 0.0 && $this->permit->allows($in)) {
                $dose = $means['typical'] / 100 * $layer->state->mixed;
                $pool->bring($this->limited($in->id, new Dose($dose, Weights::of('citrus.low') * $dose, Weights::of('citrus.high') * $dose, true), $place, $layer, []));

                return;
            }
        }
    }

    /** Wherever free fat comes in that nothing may hold, an emulsifier is at hand; it leaves again where it is not needed. */
    private function hold(Pool $pool, Place $place, LayerReading $layer): void
    {
        $fats = array_filter($pool->incoming(), fn(string $id): bool => isset($this->reference->freeFat[$this->shelf->get($id)->class]));
        foreach ($place === Place::Base || $fats === [] ? [] : MeansBook::for(Job::Emulsion, 'short') as $means) {
            $in = $this->shelf->find($means['id']);
            if ($in !== null && $in->class === 'emulsifier' && $this->permit->allows($in)) {
                $mass = $layer->state->mixed;
                $pool->bring(Unknown::substitute($in->id, Figure::PlannerLecithin->number() / 100 * $mass, 0.0, $means['most'] / 100 * $mass, false, [], $means['least'] / 100 * $mass));

                return;
            }
        }
    }

    private function powder(Pool $pool, Place $place, LayerReading $layer, int $skip): void
    {
        $mass = $layer->state->mixed;
        $held = 0.0;
        foreach ($layer->state->model->portions as $i => $portion) {
            $held += \in_array($portion->ingredient->class, ['milk-protein', 'plant-protein', 'sweet-protein', 'dried-white', 'collagen'], true) ? $layer->state->grams[$i] : 0.0;
        }
        $context = new Context($layer, $place, $this->permit, false);
        foreach (MeansBook::for(Job::Protein, 'powder') as $means) {
            $in = $this->shelf->find($means['id']);
            if ($in !== null && $context->admits($means) && $this->permit->allows($in) && $skip-- <= 0) {
                $most = max($held, $means['most'] / 100 * $mass) - $held;
                if ($most > 0.003 * $mass) {
                    $pool->bring(Unknown::substitute($in->id, min(0.4 * $most, $means['typical'] / 100 * $mass), 0.0, $most, false, [], $means['least'] / 100 * $mass));
                }

                return;
            }
        }
    }

    /**
     * An incoming mass, held to what is pleasant, to the market's maxima, and to at least what the original had of it.
     *
     * @param list<string> $prep
     */
    private function limited(string $id, Dose $dose, Place $place, LayerReading $layer, array $prep): Unknown
    {
        [$typical, $least, $most] = [$dose->typical, $dose->least, $dose->most];
        $in = $this->shelf->get($id);
        $mass = $layer->state->mixed;
        $pleasant = MeansBook::pleasant($id, $in->class, $place->value);
        $market = $this->schools->market->limitsSweeteners() ? SweetenerIntake::mostOf($in->composition, $this->reference) : null;
        $bounds = array_filter([$pleasant === null ? null : $pleasant / 100 * $mass, $market === null ? null : Figure::PlannerWeighed->number() * $market / 100 * $mass], static fn(?float $v): bool => $v !== null);
        if ($bounds !== []) {
            $had = 0.0;
            foreach ($layer->state->model->portions as $i => $portion) {
                $had += $portion->ingredient->id === $id ? $layer->state->grams[$i] : 0.0;
            }
            // Where the layer was mostly sugar, what stands in for sugar is most of it too.
            $sweet = $in->composition->of100('allulose') > 50.0 ? 0.9 * $layer->state->sugars / 100 * $mass : ($in->composition->family('polyol.') > 50.0 ? 0.4 * $layer->state->sugars / 100 * $mass : 0.0);
            // What is pleasant gives way to what was there; what a market's law allows does not give way to what stands in for sugar.
            $law = $market === null ? \INF : max($had, Figure::PlannerWeighed->number() * $market / 100 * $mass);
            $most = min($most, max($had, $sweet, min($bounds)), $law);
            $typical = min($typical, 0.9 * $most);
            $least = min($least, $typical);
        }

        return Unknown::substitute($id, $typical, $least, $most, $dose->names && $least < $most, $prep, MeansBook::leastUseful($id) / 100 * $mass);
    }
}
