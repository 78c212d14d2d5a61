<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Formula\Family;
use Transmuta\Formula\Line;
use Transmuta\Formula\Treatment;
use Transmuta\Property\LayerReading;
use Transmuta\Property\SweetenerIntake;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/** Finds what a brief bans in a layer, what debts that leaves, and the packages that can pay them. */
final readonly class Planner
{
    /** Lines under this share of a layer are seasoning and stay as they are, %. */
    private const SEASONING = 1.0;

    /** From this much fat on a line is free to shrink where fat is limited, g per 100 g. */
    private const FATTY = 15.0;

    /** Fat of a whipped layer under which the lean ways of whipping come first, g per 100 g. */
    private const LEAN_WHIP = 12.0;

    /** Grated zest where a curd is to have it, % of the layer: about that of one lemon in 600 g [trade]. */
    private const ZEST = 1.0;

    /** g per 100 g: how much of one part of the egg sets as another does. */
    private const EGG_PROTEIN = ['egg' => 12.6, 'egg-yolk' => 16.0, 'egg-white' => 10.8];

    /** What a scale's step may add to a dose of a few tenths of a gram: room left under a maximum, share. */
    private const WEIGHED = 0.95;

    private const EGG_WORDS = [
        'egg-yolk' => ['yolks only', 'richer and deeper in colour'],
        'egg' => ['whole egg', 'leaner; a little firmer and paler'],
    ];

    /** @param ?Reference $reference where the market's maxima are looked up */
    public function __construct(private Shelf $shelf, private Catalogue $catalogue, private Schools $schools, private ?Reference $reference, public Exclusions $exclusions) {}

    /**
     * @param ?Treatment $treatment the heat the layer gets instead of its own
     *
     * @return list<int> the understood lines of the layer that the brief bans, or that the other heat leaves without their job
     */
    public function banned(LayerReading $layer, Brief $brief, ?Treatment $treatment = null): array
    {
        $banned = [];
        foreach ($layer->layer->understood() as $i => $line) {
            $in = $this->shelf->get((string) $line->ingredient);
            if ($line->grams > 0.0 && ($this->bans($brief, $in) || ($treatment !== null && self::leavesWith($in, $treatment)))) {
                $banned[] = $i;
            }
        }

        return $banned;
    }

    /** Egg and starch do nothing unbaked, and are not for eating raw; gelatin has no place in an oven. */
    private static function leavesWith(Ingredient $in, Treatment $treatment): bool
    {
        return $treatment->bakes() ? $in->does('gelatin-bloom') > 0.0 : $in->comesFrom('egg') || \in_array($in->group, ['starch', 'flour'], true);
    }

    /** @return list<LayerPlan> */
    public function plans(LayerReading $layer, Brief $brief, Family $family, Wants $wants): array
    {
        $banned = $this->banned($layer, $brief, $wants->treatment);
        if ($layer->baseWords !== null) {
            return $banned === [] ? [] : $this->basePlans($layer, $banned, $brief);
        }
        if ($banned === [] && $wants->nothing()) {
            return [];
        }
        $axes = [
            $this->binders($layer, $banned, $brief, $family, $wants),
            $wants->sweetener ? $this->packages('sweet', $layer, $brief, $family, $wants) : [],
            $wants->protein ? $this->packages('protein', $layer, $brief, $family, $wants) : [],
            $wants->lean ? $this->packages('lean', $layer, $brief, $family, $wants) : [],
        ];
        $first = array_map(static fn(array $axis): ?Package => $axis[0] ?? null, $axes);
        $choices = [$first];
        // The first of each kind goes with every other; no two choose a later one at once.
        foreach ($axes as $n => $axis) {
            foreach (\array_slice($axis, 1) as $later) {
                $choices[] = array_replace($first, [$n => $later]);
            }
        }
        $written = $this->lines($layer, $family);
        $plans = array_map(fn(array $choice): LayerPlan => $this->plan($layer, $banned, $brief, $choice, $wants, $written), $choices);
        foreach ($this->schools->eggParts($family) as $part) {
            $lines = self::eggsAs($part, $written, $banned);
            if ($lines !== null) {
                $other = $this->plan($layer, $banned, $brief, $first, $wants, $lines, $part);
                $plans = $this->schools->curdEgg === null ? [...$plans, $other] : array_map(fn(array $choice): LayerPlan => $this->plan($layer, $banned, $brief, $choice, $wants, $lines, $part), $choices);
            }
        }

        return $plans;
    }

    /**
     * The understood lines of a layer, with the zest a curd has by the studio's school.
     *
     * @return array<int, Line>
     */
    private function lines(LayerReading $layer, Family $family): array
    {
        $lines = $layer->layer->understood();
        if ($family !== Family::Curd || $this->schools->zest === null) {
            return $lines;
        }
        $has = array_filter($lines, static fn(Line $l): bool => str_ends_with((string) $l->ingredient, '-zest'));
        if (!$this->schools->zest) {
            return array_diff_key($lines, array_filter($has, static fn(Line $l): bool => !$l->pinned));
        }
        foreach ($has === [] ? ['lemon', 'lime', 'orange'] : [] as $fruit) {
            foreach ($lines as $line) {
                if ($line->ingredient === "$fruit-juice" && $line->grams > 0.0) {
                    $lines[] = Line::of("$fruit-zest", self::ZEST / 100 * $layer->state->mixed, prep: ['grated']);

                    return $lines;
                }
            }
        }

        return $lines;
    }

    /**
     * The lines with every egg in the form of one part, by its protein; null where it stands so already.
     *
     * @param array<int, Line> $lines
     * @param list<int> $banned
     *
     * @return ?array<int, Line>
     */
    private static function eggsAs(string $part, array $lines, array $banned): ?array
    {
        $leave = $part === 'egg-yolk' ? ['egg', 'egg-white'] : ['egg-yolk'];
        $protein = 0.0;
        $at = null;
        foreach ($lines as $i => $line) {
            if (\in_array($line->ingredient, $leave, true) && !$line->pinned && $line->grams > 0.0) {
                if (\in_array($i, $banned, true)) {
                    return null;
                }
                $protein += $line->grams * self::EGG_PROTEIN[$line->ingredient];
                $at ??= $i;
                unset($lines[$i]);
            }
        }
        if ($at === null) {
            return null;
        }
        foreach ($lines as $i => $line) {
            if ($line->ingredient === $part) {
                $protein += $line->grams * self::EGG_PROTEIN[$part];
                $at = $i;
            }
        }
        $lines[$at] = Line::of($part, $protein / self::EGG_PROTEIN[$part]);
        ksort($lines);

        return $lines;
    }

    private function bans(Brief $brief, Ingredient $in): bool
    {
        foreach ($brief->diets as $diet) {
            if (DietRules::bans($diet, $in)) {
                return true;
            }
        }

        return $this->exclusions->bans($in);
    }

    /**
     * @param list<int> $banned
     *
     * @return list<?Package> a null where nothing but the sweetness or protein has to change
     */
    private function binders(LayerReading $layer, array $banned, Brief $brief, Family $family, Wants $wants): array
    {
        $lost = ['set' => 0.0, 'air' => 0.0];
        $dairyLost = false;
        foreach ($banned as $i) {
            $in = $layer->state->model->portions[$i]->ingredient;
            // Sugar only makes room for the agents: what it seems to set leaves nothing to bind.
            $lost['set'] += $in->group === 'sugar' ? 0.0 : $layer->jobs[$i]['set'];
            $lost['air'] += $layer->jobs[$i]['air'];
            $dairyLost = $dairyLost || $in->comesFrom('dairy');
        }
        $found = match (true) {
            $lost['air'] > 0.05 && $layer->airShare > 0.2 => $this->packages('foam', $layer, $brief, $family, $wants),
            $lost['set'] > 0.05 => $this->packages('set', $layer, $brief, $family, $wants),
            $dairyLost => $this->packages('body', $layer, $brief, $family, $wants),
            default => [null],
        };

        return $found === [] ? [null] : $found;
    }

    /** @return list<Package> */
    private function packages(string $pays, LayerReading $layer, Brief $brief, Family $family, Wants $wants): array
    {
        $treatment = $wants->treatment ?? $layer->layer->treatment;
        $kind = match (true) {
            $brief->asks(Diet::Raw) => 'raw',
            $pays === 'foam' || ($pays === 'lean' && $layer->airShare > 0.2) => 'foam',
            !$treatment->isHot() => 'cold',
            $treatment->isStirred() => 'stirred',
            default => 'still',
        };
        $fits = array_filter($this->catalogue->packages(), fn(Package $p): bool => $p->pays === $pays && $p->worksIn($kind, $family, $layer->ph) && $this->allowed($p, $brief));
        if ($pays === 'foam') {
            // A whipped layer is led by how rich it is to be, unless the studio has its own way.
            $lean = $this->schools->leanWhip ?? $layer->state->fat < self::LEAN_WHIP;
            $led = array_filter($fits, static fn(Package $p): bool => $p->lean === $lean);
            $fits = $led === [] ? $fits : ($lean ? [...$led, ...array_filter($fits, static fn(Package $p): bool => !$p->lean)] : $led);
        }
        $dairyStays = !$brief->asks(Diet::Vegan) && !$brief->asks(Diet::DairyFree) && !$brief->asks(Diet::Raw) && !\in_array('milk', $brief->without, true);
        if (\in_array($pays, ['set', 'foam'], true)) {
            $matching = array_filter($fits, static fn(Package $p): bool => $p->keepsDairy() === $dairyStays);
            $fits = !$dairyStays || \count($matching) >= 3 ? $matching : $fits;
        }

        return array_values($fits);
    }

    private function allowed(Package $package, Brief $brief): bool
    {
        foreach ($package->agents as $agent) {
            if ($agent->names && ($this->bans($brief, $this->shelf->get($agent->id)) || !$this->schools->market->allows($agent->id))) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<int> $banned
     * @param array<int, ?Package> $choice
     * @param array<int, Line> $lines by place in the layer
     */
    private function plan(LayerReading $layer, array $banned, Brief $brief, array $choice, Wants $wants, array $lines, ?string $eggPart = null): LayerPlan
    {
        $packages = array_values(array_filter($choice));
        $mass = $layer->state->mixed;
        $agents = [];
        foreach ($packages as $package) {
            foreach ($package->agents as $agent) {
                if (!$this->bans($brief, $this->shelf->get($agent->id)) && $this->schools->market->allows($agent->id)) {
                    $agents[$agent->id] ??= $this->withinMarket($this->inThisHeat($agent, $wants->treatment ?? $layer->layer->treatment));
                }
            }
        }
        if ($this->tangLost($layer, $banned) && !isset($agents['lemon-juice'])) {
            $agents['lemon-juice'] = new Agent('lemon-juice', 2.0, 0.0, 7.0, false, []);
        }
        $sweetened = array_filter($packages, static fn(Package $p): bool => $p->pays === 'sweet') !== [];
        $kept = [];
        foreach ($lines as $i => $line) {
            $id = (string) $line->ingredient;
            $in = $this->shelf->get($id);
            if (\in_array($i, $banned, true)) {
                $kept = [...$kept, ...$this->likeFor($line, $brief, $agents, $mass)];
                continue;
            }
            $agent = $agents[$id] ?? null;
            if ($agent !== null && !$line->pinned) {
                $kept[] = Unknown::grown($id, $line->grams, $agent->typical * $mass / 200, $agent->most * $mass / 100, $line->text, array_values(array_unique([...$line->prep, ...$agent->prep])));
                unset($agents[$id]);
                continue;
            }
            $fixed = $line->pinned || $line->has('infused') || $line->grams < self::SEASONING / 100 * $mass;
            $sugar = $sweetened && $in->group === 'sugar';
            $fatty = $wants->lean && $in->composition->family('fat.') >= self::FATTY;
            $egg = $eggPart !== null && $id === $eggPart;
            $kept[] = Unknown::kept($id, $line->grams, $fixed, $line->text, $line->prep, $sugar || $fatty ? 0.999 : ($wants->otherwise || $egg ? 0.6 : 0.15), $line->pinned);
        }
        $new = array_map(static fn(Agent $a): Unknown => Unknown::substitute($a->id, $a->typical * $mass / 100, $a->least * $mass / 100, $a->most * $mass / 100, $a->names, $a->prep), array_values($agents));

        return new LayerPlan(
            implode('+', [...array_map(static fn(Package $p): string => $p->id, $packages), ...($eggPart === null ? [] : [$eggPart])]) ?: 'kept',
            implode(' · ', [...array_map(static fn(Package $p): string => $p->name, $packages), ...($eggPart === null ? [] : [self::EGG_WORDS[$eggPart][0]])]) ?: 'Balanced again',
            implode('; ', [...array_map(static fn(Package $p): string => $p->mouth, $packages), ...($eggPart === null ? [] : [self::EGG_WORDS[$eggPart][1]]), ...($wants->treatment === null ? [] : [$wants->treatment->bakes() ? 'baked, so denser' : 'unbaked, so lighter'])]) ?: 'as the original',
            array_sum(array_map(static fn(Package $p): int => $p->effortMinutes, $packages)),
            max([0, ...array_map(static fn(Package $p): int => $p->waitHours, $packages)]),
            [...$new, ...$kept],
        );
    }

    /** Where a market sets the most a dessert may hold of a sweetener, its dose stays under that. */
    private function withinMarket(Agent $agent): Agent
    {
        $most = $this->reference !== null && $this->schools->market->limitsSweeteners() ? SweetenerIntake::mostOf($this->shelf->get($agent->id)->composition, $this->reference) : null;
        if ($most === null || $most >= $agent->most) {
            return $agent;
        }

        return new Agent($agent->id, min($agent->typical, self::WEIGHED * $most), min($agent->least, self::WEIGHED * $most), self::WEIGHED * $most, $agent->names, $agent->prep);
    }

    /** Starch in a baked layer boils with the layer; everything else keeps the sub-step of its own. */
    private function inThisHeat(Agent $agent, Treatment $treatment): Agent
    {
        $bakes = $treatment->bakes() && $this->shelf->get($agent->id)->group === 'starch';

        return $bakes ? new Agent($agent->id, $agent->typical, $agent->least, $agent->most, $agent->names, []) : $agent;
    }

    /** @param list<int> $banned whether soured dairy that leaves carried most of the layer's acid */
    private function tangLost(LayerReading $layer, array $banned): bool
    {
        $lost = 0.0;
        foreach ($banned as $i) {
            $in = $layer->state->model->portions[$i]->ingredient;
            $lost += $in->ph !== null && $in->ph < 5.2 && $in->group === 'dairy' ? $layer->jobs[$i]['acid'] : 0.0;
        }

        return $lost > 0.3;
    }

    /**
     * What a banned line's flavour or dry body is replaced by, where no package does.
     *
     * @param array<string, Agent> $agents
     *
     * @return list<Unknown>
     */
    private function likeFor(Line $line, Brief $brief, array $agents, float $mass): array
    {
        $in = $this->shelf->get((string) $line->ingredient);
        $covered = \in_array($in->group, ['dairy', 'egg', 'agent', 'sugar', 'sweetener'], true) && !$in->comesFrom('honey');
        if ($covered && !($in->group === 'sugar' && !$brief->asks(Diet::Keto))) {
            return [];
        }
        foreach ($this->catalogue->likeness()[$in->id] ?? [] as $like) {
            if (!isset($agents[$like['to']]) && !$this->bans($brief, $this->shelf->get($like['to']))) {
                $typical = $line->grams * $like['ratio'];

                return [Unknown::substitute($like['to'], $typical, 0.3 * $typical, 1.6 * $typical, true, $line->prep)];
            }
        }

        return [];
    }

    /**
     * @param list<int> $banned
     *
     * @return list<LayerPlan>
     */
    private function basePlans(LayerReading $layer, array $banned, Brief $brief): array
    {
        $plans = [];
        for ($choice = 0; $choice < 2; ++$choice) {
            $unknowns = $names = [];
            foreach ($layer->layer->understood() as $i => $line) {
                $id = (string) $line->ingredient;
                if (!\in_array($i, $banned, true)) {
                    $unknowns[] = Unknown::kept($id, $line->grams, $line->pinned || $line->grams < 5.0, $line->text, $line->prep, pinned: $line->pinned);
                    continue;
                }
                $options = array_values(array_filter(
                    $this->catalogue->likeness()[$id] ?? [],
                    fn(array $like): bool => !$this->bans($brief, $this->shelf->get($like['to'])),
                ));
                $like = $options[min($choice, \count($options) - 1)] ?? null;
                if ($like === null) {
                    continue;
                }
                $typical = $line->grams * $like['ratio'];
                $unknowns[] = Unknown::substitute($like['to'], $typical, 0.4 * $typical, 1.8 * $typical, true, $line->prep);
                $names[] = $this->shelf->get($like['to'])->name;
            }
            // What holds the crumb together is what held it before; where that may not stay, what may.
            $had = array_map(static fn(Line $l): string => (string) $l->ingredient, $layer->layer->understood());
            $fats = array_filter(['butter', 'plant-butter-block', 'coconut-oil', 'sunflower-oil'], fn(string $id): bool => !$this->bans($brief, $this->shelf->get($id)) && ($id !== 'butter' || \in_array('butter', $had, true)));
            $slack = ['water', ...\array_slice(array_values($fats), 0, 1)];
            $have = array_map(static fn(Unknown $u): string => $u->ingredient, $unknowns);
            foreach ($slack as $id) {
                if (!\in_array($id, $have, true)) {
                    $unknowns[] = Unknown::substitute($id, 0.01 * $layer->state->mixed, 0.0, 0.12 * $layer->state->mixed, false);
                }
            }
            $plans[implode(',', $names)] = new LayerPlan('like-' . $choice, implode(', ', array_unique($names)), 'like for like', 5, 0, $unknowns);
        }

        return array_values($plans);
    }
}
