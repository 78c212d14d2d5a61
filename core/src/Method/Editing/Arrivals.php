<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Formula\Formula;
use Transmuta\Formula\HeatLevel;
use Transmuta\Intake\Language\PageLanguage;
use Transmuta\Method\Method;
use Transmuta\Method\Part;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;
use Transmuta\Shelf\Shelf;

/**
 * What left a dish and what came: for each line that is gone what is named in its place, and what of that needs a step of its own because nothing that was done to
 * the line does what it asks for. What comes beside, and stands for nothing, is named with the largest line that is gone.
 */
final class Arrivals
{
    /** What can be done to an egg, a gelatin or a syrup alone: it goes with it. */
    public const GOES = ['separate_eggs', 'temper_eggs', 'bloom', 'drain', 'egg_wash'];

    /** % of water from which a thing is a liquid that bears what is whisked into it. */
    private const LIQUID = 55.0;

    /** pH under which milk things split in heat. */
    public const SOUR = 5.2;

    /** @var array<string, list<string>> ids named in its place, by the key of a line that is gone, the most first */
    private array $named = [];

    /** @var array<string, list<string>> ids that stand for it and have a step of their own */
    private array $apart = [];

    /** @var array<string, list<string>> ids named with a line that stays, by its key */
    private array $beside = [];

    /** Classes that are weighed as a powder, and that make a dough of what they are in. */
    private const POWDERS = ['starch', 'custard-powder', 'thickener', 'milk-protein', 'plant-protein', 'milk-powder', 'dried-white', 'sweet-protein', 'collagen', 'fibre-flour'];
    private const DRY = ['nut-meal', 'fibre-flour', 'gf-flour', 'pulse-flour', 'wheat-flour', 'oats', 'coconut-dry', 'seed'];

    /** Shares of a layer from which flour, crumb or sugar make it a dough, a base or a dry foam. */
    private const DOUGH = 0.12;
    private const CRUMB = 0.4;
    private const FOAM = 0.4;

    /** @var list<array{id: string, layer: int, for: ?string}> what needs a step: its id, its layer, the key of the line it stands for */
    public array $steps = [];

    /** @var array<string, true> keys of lines a step takes that does not go with them */
    private readonly array $said;

    /** @param array<int, array<string, list<string>>> $standsFor ids that come in for each id that leaves, by the place of the layer */
    public function __construct(private readonly Formula $was, private readonly Method $method, public readonly Formula $now, private readonly array $standsFor, private readonly Shelf $shelf, private readonly ?string $lang = null)
    {
        $said = [];
        foreach ($method->acts as $act) {
            // Eggs that are parted go in as yolks and whites.
            foreach (\in_array($act->operation->key, self::GOES, true) && $act->operation->key !== 'separate_eggs' ? [] : $act->parts as $part) {
                $said[$part->key()] = true;
            }
        }
        $this->said = $said;
        foreach (array_keys($now->layers) as $layer) {
            $this->layer($layer);
        }
    }

    public function isGone(Part $part): bool
    {
        return !self::holds($this->now, $part->layer, $this->idOf($part));
    }

    /** @return list<string> ids that are named where a line stood */
    public function named(Part $part): array
    {
        $made = array_filter($this->apart[$part->key()] ?? [], static fn(string $id): bool => Agents::of($id)?->named === 'made');

        return [...($this->named[$part->key()] ?? []), ...array_values($made)];
    }

    /** @return list<string> ids of what comes in beside a line that stays, and goes in with it */
    public function beside(Part $part): array
    {
        return $this->beside[$part->key()] ?? [];
    }

    /** @return list<string> ids of what is now where a line stood: itself, or what is named in its place */
    public function inPlaceOf(Part $part): array
    {
        return $this->isGone($part) ? $this->named($part) : [$this->idOf($part)];
    }

    /** @return list<string> ids of all that stands for a line */
    public function all(Part $part): array
    {
        return array_values(array_unique([...$this->named($part), ...($this->apart[$part->key()] ?? [])]));
    }

    /** Whether what stands for a line is made of several things first, baked or as a dough: it goes on being called what it was. */
    public function isMadeApart(Part $part): bool
    {
        return $this->isBakedFirst($part) || $this->isDough($part);
    }

    /** Whether all that stands for it is baked before it goes in. */
    public function isBakedFirst(Part $part): bool
    {
        $stands = $this->standing($part);
        if ($this->shelf->get($this->idOf($part))->group !== 'base' || \count($stands) < 2) {
            return false;
        }
        $made = array_flip($this->madeOf($part->layer));

        return $this->isBakedNow($part->layer) || array_filter($stands, static fn(string $id): bool => !isset($made[$id])) === [];
    }

    /** Whether a layer that nobody baked has to be baked now: a cake that was bought is made. */
    private function isBakedNow(int $layer): bool
    {
        return !$this->was->layers[$layer]->treatment->bakes() && $this->now->layers[$layer]->treatment->bakes();
    }

    /** Whether a dough was bought that is mixed here now. */
    public function isDough(Part $part): bool
    {
        return $this->shelf->get($this->idOf($part))->is(Nature::RawDough) && array_filter($this->standing($part), fn(string $id): bool => $this->shelf->get($id)->is(Nature::RawDough)) === [];
    }

    /** @return list<string> ids of what stands for a line and is there, whatever was there before, the most first */
    public function standing(Part $part): array
    {
        $stands = array_values(array_filter($this->standsFor[$part->layer][$this->idOf($part)] ?? [], fn(string $id): bool => self::holds($this->now, $part->layer, $id)));
        usort($stands, fn(string $a, string $b): int => self::grams($this->now, $part->layer, $b) <=> self::grams($this->now, $part->layer, $a));

        return $stands;
    }

    /** @return list<string> ids of what is baked first in place of a line */
    public function madeOf(int $layer): array
    {
        return array_values(array_unique(array_map(static fn(\Transmuta\Formula\Line $line): string => (string) $line->ingredient, array_filter($this->now->layers[$layer]->understood(), static fn(\Transmuta\Formula\Line $line): bool => $line->has('baked')))));
    }

    /** @return list<string> ids of what is baked first in place of this line: what stands for it, and what stands for no other */
    public function bakedFor(Part $part): array
    {
        if ($this->isBakedNow($part->layer)) {
            return $this->standing($part);
        }
        $others = [];
        foreach ($this->standsFor[$part->layer] ?? [] as $id => $stands) {
            $others = $id === $this->idOf($part) || $this->shelf->get((string) $id)->group !== 'base' ? $others : [...$others, ...$stands];
        }

        return array_values(array_filter($this->madeOf($part->layer), fn(string $id): bool => \in_array($id, $this->standing($part), true) || !\in_array($id, $others, true)));
    }

    /** @return list<string> ids of what holds air as the line did, of all that stands for it */
    public function whipped(Part $part): array
    {
        return array_values(array_filter($this->all($part), fn(string $id): bool => $this->shelf->get($id)->does('foam-overrun') > 0.0));
    }

    /** g of what is named in its place, as a share of what a line was; of one that stayed, of itself. */
    public function factor(Part $part): float
    {
        $was = self::grams($this->was, $part->layer, $this->idOf($part));
        $now = $this->isGone($part) ? array_sum(array_map(fn(string $id): float => self::grams($this->now, $part->layer, $id), $this->named($part))) : self::grams($this->now, $part->layer, $this->idOf($part));

        return $was > 0.0 && $now > 0.0 ? $now / $was : 1.0;
    }

    public function idOf(Part $part): string
    {
        return (string) $this->was->layers[$part->layer]->understood()[$part->line]->ingredient;
    }

    /** A name as a method says it: in its language where that is known, and without what only tells a packet apart. */
    public function name(string $id): string
    {
        $own = $this->lang === null ? null : PageLanguage::nameIn($this->lang, $id);
        if ($own !== null) {
            // German nouns have a capital, and what stands before them has none.
            return $this->lang === 'de' ? (string) preg_replace_callback('~\p{L}[^\s]*$~u', static fn(array $m): string => mb_strtoupper(mb_substr($m[0], 0, 1)) . mb_substr($m[0], 1), $own) : $own;
        }
        $in = $this->shelf->get($id);
        $name = mb_strtolower(trim((string) preg_replace('~\s*(?:[,(].*|\b(?:de\s+)?\d+\s*%?.*)$~iu', '', $in->name)));

        return str_contains($name, ' or ') || $name === '' ? ($in->called()[0] ?? $name) : $name;
    }

    public function isLiquid(string $id): bool
    {
        $in = $this->shelf->get($id);

        return ($in->composition->of100('water') >= self::LIQUID || ($in->group === 'dairy' && $in->does('foam-overrun') > 0.0)) && !\in_array($in->group, ['fruit', 'egg'], true);
    }

    public function ingredient(string $id): Ingredient
    {
        return $this->shelf->get($id);
    }

    public static function holds(Formula $formula, int $layer, string $id): bool
    {
        return self::grams($formula, $layer, $id) > 0.0;
    }

    public static function grams(Formula $formula, int $layer, string $id): float
    {
        $grams = 0.0;
        foreach (($formula->layers[$layer] ?? null)?->understood() ?? [] as $line) {
            $grams += $line->ingredient === $id ? $line->grams : 0.0;
        }

        return $grams;
    }

    private function layer(int $layer): void
    {
        $gone = $this->gone($layer);
        $made = $this->madeOf($layer);
        $owned = [];
        foreach ($gone as $key => $part) {
            foreach ($this->standing($part) as $id) {
                $owned[$id] = true;
                // Water for a flour goes in with what is wet.
                $wet = $this->isLiquid($id) && $this->shelf->get($this->idOf($part))->isFlour() ? $this->with($id, $layer) : null;
                if ($wet !== null && !self::holds($this->was, $layer, $id) && !$this->isGone($wet)) {
                    $this->beside[$wet->key()][] = $id;
                } elseif (!self::holds($this->was, $layer, $id)) {
                    $part = $this->gelled($id, $gone) ?? $part;
                    $this->put($id, $layer, $part, $this->isDough($part) || ($this->isBakedFirst($part) && \in_array($id, $made, true)));
                }
            }
        }
        foreach ($this->now->layers[$layer]->understood() as $line) {
            $id = (string) $line->ingredient;
            if ($line->grams > 0.0 && !isset($owned[$id]) && !self::holds($this->was, $layer, $id) && !$line->has('baked')) {
                $owned[$id] = true;
                $with = $this->with($id, $layer);
                if ($with !== null && !$this->isGone($with)) {
                    $this->beside[$with->key()][] = $id;
                } else {
                    $this->put($id, $layer, $this->gelled($id, $gone) ?? $with ?? $this->foamed($id, $gone) ?? $this->largest($gone), false);
                }
            }
        }
    }

    /** The line with which something new goes in of itself, where it stood or stands: egg with egg, flour with flour, milk with milk, a sweetener with the sugar; sour milk things wait, and nothing goes into what is whipped. */
    private function with(string $id, int $layer): ?Part
    {
        $in = $this->shelf->get($id);
        $agent = Agents::of($id);
        if (($agent !== null && $agent->named !== 'stands') || ($in->ph !== null && $in->ph < self::SOUR && $in->group === 'dairy')) {
            return null;
        }
        $best = null;
        $most = 0.0;
        foreach ($this->was->layers[$layer]->understood() as $i => $line) {
            $part = new Part($layer, $i, 1.0, '');
            $isPoured = $this->isLiquid($id) && $this->isLiquid((string) $line->ingredient);
            if (isset($this->said[$part->key()]) && $line->grams > $most && $this->isLike($in, $this->shelf->get((string) $line->ingredient), $agent) && !($isPoured && $this->method->isWhipped($part->key()))) {
                [$best, $most] = [$part, $line->grams];
            }
        }

        return $best;
    }

    private function isLike(Ingredient $in, Ingredient $other, ?Agent $agent): bool
    {
        $isPoured = $this->isLiquid($in->id) && $this->isLiquid($other->id) && ($other->ph === null || $other->ph >= self::SOUR);

        return ($isPoured && (\in_array($in->group, ['dairy', 'plant'], true) || $in->class === 'water'))
            || ($other->group === $in->group && $this->isLiquid($in->id) === $this->isLiquid($other->id))
            || (\in_array($agent?->goesIn, ['sweet', 'cold'], true) && \in_array($other->group, ['sugar', 'sweetener'], true));
    }

    /** @return array<string, Part> lines of a layer that are gone, the largest first, by key */
    private function gone(int $layer): array
    {
        $gone = [];
        $lines = $this->was->layers[$layer]->understood();
        foreach ($lines as $i => $line) {
            $part = new Part($layer, $i, 1.0, '');
            if ($this->isGone($part)) {
                $gone[$part->key()] = $part;
            }
        }
        uasort($gone, static fn(Part $a, Part $b): int => $lines[$b->line]->grams <=> $lines[$a->line]->grams);

        return $gone;
    }

    /**
     * What held air here and left, where what comes in holds air: whites before cream.
     *
     * @param array<string, Part> $gone
     */
    private function foamed(string $id, array $gone): ?Part
    {
        if ($this->shelf->get($id)->does('foam-overrun') <= 0.0) {
            return null;
        }
        $foamed = array_filter($gone, fn(Part $part): bool => isset($this->said[$part->key()]) && $this->shelf->get($this->idOf($part))->does('foam-overrun') > 0.0 && $this->method->isWhipped($part->key()));
        uasort($foamed, fn(Part $a, Part $b): int => ($this->shelf->get($this->idOf($b))->group === 'egg') <=> ($this->shelf->get($this->idOf($a))->group === 'egg'));

        return array_values($foamed)[0] ?? null;
    }

    /**
     * What set here and left, where what comes in is a gel: agar goes in for the gelatin, whatever else it came with.
     *
     * @param array<string, Part> $gone
     */
    private function gelled(string $id, array $gone): ?Part
    {
        if (Agents::of($id)?->stirredAbove === null) {
            return null;
        }

        return array_values(array_filter($gone, fn(Part $part): bool => $this->shelf->get($this->idOf($part))->does('gelatin-bloom') > 0.0 || Agents::of($this->idOf($part))?->stirredAbove !== null))[0] ?? null;
    }

    /** @param array<string, Part> $gone */
    private function largest(array $gone): ?Part
    {
        foreach ($gone as $key => $part) {
            if (isset($this->said[$key])) {
                return $part;
            }
        }

        return null;
    }

    private function put(string $id, int $layer, ?Part $for, bool $isMadeApart): void
    {
        if ($isMadeApart) {
            return;
        }
        if ($for !== null && isset($this->said[$for->key()]) && !$this->needsStep($id, $for)) {
            $this->named[$for->key()] = array_values(array_unique([...($this->named[$for->key()] ?? []), $id]));

            return;
        }
        // Named where another line stood, it goes in there.
        if (array_filter($this->named, static fn(array $ids, string $key): bool => (int) $key === $layer && \in_array($id, $ids, true), \ARRAY_FILTER_USE_BOTH) !== []) {
            return;
        }
        // Starch, gum or protein for the oven goes in with the flour or the sugar, where those go in.
        $host = $this->isPowder($id) && ($this->isDry($layer) || $this->isThick($id, $layer)) ? $this->host($layer) : null;
        if ($host !== null) {
            $this->beside[$host->key()] = array_values(array_unique([...$this->beside[$host->key()] ?? [], $id]));

            return;
        }
        if ($for !== null) {
            $this->apart[$for->key()][] = $id;
        }
        foreach ($this->steps as $step) {
            if ($step['id'] === $id && $step['layer'] === $layer) {
                return;
            }
        }
        $this->steps[] = ['id' => $id, 'layer' => $layer, 'for' => $for?->key()];
    }

    private function needsStep(string $id, Part $for): bool
    {
        $agent = Agents::of($id);
        if ($agent === null || Agents::of($this->idOf($for)) === $agent || ($this->isPowder($id) && $this->isDry($for->layer))) {
            return false;
        }
        $met = $this->was->layers[$for->layer]->understood()[$for->line]->met;
        // Where the heat of a whole dish is not known, what is melted or heated in its own step is warm.
        $level = $met->level ?? ($this->isHeatedAtOnce($for) ? HeatLevel::Warm : HeatLevel::Cold);

        return !match ($agent->named) {
            'stands' => true,
            'warm' => $level !== HeatLevel::Cold,
            'boiled' => $level === HeatLevel::Boil,
            'whipped' => $this->method->isWhipped($for->key()),
            default => false,
        };
    }

    private function isHeatedAtOnce(Part $for): bool
    {
        return array_filter($this->method->acts, static fn(\Transmuta\Method\Act $act): bool => $act->operation->isHot() && $act->operation->heats !== 'oven' && array_filter($act->parts, static fn(Part $part): bool => $part->key() === $for->key()) !== []) !== [];
    }

    /** What goes into a dough with its flour, and into a dry foam with its sugar, and is neither slaked nor boiled for it: starches, gums and dry proteins. */
    public function isPowder(string $id): bool
    {
        return \in_array($this->shelf->get($id)->class, self::POWDERS, true);
    }

    /** Whether a baked mass has too little that pours for an agent to be boiled in: a cheesecake of curd and eggs. */
    public function isThick(string $id, int $layer): bool
    {
        $times = Agents::of($id)->waterTimes ?? 0.0;
        $water = 0.0;
        foreach ($this->now->layers[$layer]->understood() as $line) {
            $in = $this->shelf->get((string) $line->ingredient);
            $pours = $this->isLiquid($in->id) && ($in->ph === null || $in->ph >= self::SOUR) && !$this->isWhippedLine($layer, $in->id);
            $water += $pours ? $line->grams * $in->composition->of100('water') / 100 : 0.0;
        }

        return $times > 0.0 && $this->now->layers[$layer]->treatment->bakes() && $water < $times * self::grams($this->now, $layer, $id);
    }

    private function isWhippedLine(int $layer, string $id): bool
    {
        foreach ($this->was->layers[$layer]->understood() as $i => $line) {
            if ($line->ingredient === $id && $this->method->isWhipped((new Part($layer, $i, 1.0, ''))->key())) {
                return true;
            }
        }

        return false;
    }

    /** The flour of a layer, else its sugar: what a powder goes in with, where it stays and a step takes it. */
    private function host(int $layer): ?Part
    {
        $best = null;
        $most = [false, 0.0];
        foreach ($this->was->layers[$layer]->understood() as $i => $line) {
            $part = new Part($layer, $i, 1.0, '');
            $in = $this->shelf->get((string) $line->ingredient);
            $isDryThing = $in->isFlour() || \in_array($in->class, self::DRY, true);
            if ($this->isGone($part) || !isset($this->said[$part->key()]) || !($isDryThing || \in_array($in->group, ['sugar', 'sweetener'], true)) || [$isDryThing, $line->grams] <= $most) {
                continue;
            }
            [$best, $most] = [$part, [$isDryThing, $line->grams]];
        }

        return $best;
    }

    /** A dough, batter, crumb or meringue: its oven cooks starch, which a bath of a custard does not, and nothing of it is a pot. */
    public function isDry(int $layer): bool
    {
        $lines = array_filter($this->now->layers[$layer]->understood(), static fn(\Transmuta\Formula\Line $line): bool => $line->grams > 0.0);
        $all = array_sum(array_map(static fn(\Transmuta\Formula\Line $line): float => $line->grams, $lines));
        $held = fn(callable $is): float => array_sum(array_map(fn(\Transmuta\Formula\Line $line): float => $is($this->shelf->get((string) $line->ingredient)) ? $line->grams : 0.0, $lines));
        $isHeatedInPan = array_filter($this->method->acts, static fn(\Transmuta\Method\Act $act): bool => $act->layer === $layer && $act->operation->isHot() && !\in_array($act->operation->heats, ['oven', 'sugar', 'fat'], true)) !== [];
        $isBaked = $this->now->layers[$layer]->treatment->bakes();

        return match (true) {
            $held(static fn(Ingredient $in): bool => $in->isFlour() || \in_array($in->class, self::DRY, true)) >= self::DOUGH * $all => $isBaked || !$isHeatedInPan,
            $held(static fn(Ingredient $in): bool => $in->group === 'base') >= self::CRUMB * $all => !$isHeatedInPan,
            default => $isBaked && !$isHeatedInPan && $held(static fn(Ingredient $in): bool => \in_array($in->group, ['sugar', 'sweetener'], true)) >= self::FOAM * $all,
        };
    }
}
