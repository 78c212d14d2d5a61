<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Formula\Formula;
use Transmuta\Formula\HeatLevel;
use Transmuta\Formula\HeatMet;
use Transmuta\Method\HeatHistory;
use Transmuta\Method\Method;
use Transmuta\Method\Part;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * What left a dish and what came: for each line that is gone what is named in its place, and what of that needs a step of its own because nothing that was done to
 * the line does what it asks for. What comes beside, and stands for nothing, is named with the largest line that is gone.
 */
final class Arrivals
{
    /** Operations that beat air into something that holds it. */
    private const WHIPS = ['whip', 'meringue_french', 'meringue_swiss', 'meringue_italian', 'whisk_ribbon'];

    /** What can be done to an egg, a gelatin or a syrup alone: it goes with it. */
    public const GOES = ['separate_eggs', 'temper_eggs', 'bloom', 'drain', 'egg_wash'];

    /** % of water from which a thing is a liquid that bears what is whisked into it. */
    private const LIQUID = 60.0;

    /** pH under which milk things split in heat. */
    public const SOUR = 5.2;

    /** @var array<string, list<string>> ids named in its place, by the key of a line that is gone, the most first */
    private array $named = [];

    /** @var array<string, list<string>> ids that stand for it and have a step of their own */
    private array $apart = [];

    /** @var array<string, list<string>> ids named with a line that stays, by its key */
    private array $beside = [];

    /** @var list<array{id: string, layer: int, for: ?string}> what needs a step: its id, its layer, the key of the line it stands for */
    public array $steps = [];

    /** @var array<string, HeatMet> by key of line */
    private readonly array $met;

    /** @param array<int, array<string, list<string>>> $standsFor ids that come in for each id that leaves, by the place of the layer */
    public function __construct(private readonly Formula $was, private readonly Method $method, public readonly Formula $now, private readonly array $standsFor, private readonly Shelf $shelf)
    {
        $ingredients = $met = [];
        foreach ($was->layers as $n => $layer) {
            foreach ($layer->understood() as $i => $line) {
                $ingredients["$n.$i"] = $shelf->get((string) $line->ingredient);
            }
        }
        foreach (HeatHistory::onto($was->withMethod($was->method), $method, $ingredients)->layers as $n => $layer) {
            foreach ($layer->understood() as $i => $line) {
                if ($line->met !== null) {
                    $met["$n.$i"] = $line->met;
                }
            }
        }
        $this->met = $met;
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

    /** @return list<string> ids of all that stands for a line */
    public function all(Part $part): array
    {
        return array_values(array_unique([...$this->named($part), ...($this->apart[$part->key()] ?? [])]));
    }

    /** Whether what stands for a line is baked of several things first: it goes on being called what it was. */
    public function isMadeApart(Part $part): bool
    {
        $baked = array_filter($this->now->layers[$part->layer]->understood(), fn(\Transmuta\Formula\Line $line): bool => $line->has('baked') && \in_array($line->ingredient, $this->standsFor[$part->layer][$this->idOf($part)] ?? [], true));

        return \count($baked) >= 2;
    }

    /** @return list<string> ids of what is baked first in place of a line */
    public function madeOf(int $layer): array
    {
        return array_values(array_unique(array_map(static fn(\Transmuta\Formula\Line $line): string => (string) $line->ingredient, array_filter($this->now->layers[$layer]->understood(), static fn(\Transmuta\Formula\Line $line): bool => $line->has('baked')))));
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

    /** A name as a method says it: without what only tells a packet apart. */
    public function name(string $id): string
    {
        $in = $this->shelf->get($id);
        $name = mb_strtolower(trim((string) preg_replace('~\s*(?:[,(].*|\b(?:de\s+)?\d+\s*%?.*)$~iu', '', $in->name)));

        return str_contains($name, ' or ') || $name === '' ? ($in->called()[0] ?? $name) : $name;
    }

    public function isLiquid(string $id): bool
    {
        return $this->shelf->get($id)->composition->of100('water') >= self::LIQUID && $this->shelf->get($id)->group !== 'fruit';
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
            $stands = array_values(array_filter($this->standsFor[$layer][$this->idOf($part)] ?? [], fn(string $id): bool => self::holds($this->now, $layer, $id)));
            usort($stands, fn(string $a, string $b): int => self::grams($this->now, $layer, $b) <=> self::grams($this->now, $layer, $a));
            foreach ($stands as $id) {
                $owned[$id] = true;
                if (!self::holds($this->was, $layer, $id)) {
                    $this->put($id, $layer, $part, $this->isMadeApart($part) && \in_array($id, $made, true));
                }
            }
        }
        foreach ($this->now->layers[$layer]->understood() as $line) {
            $id = (string) $line->ingredient;
            if ($line->grams > 0.0 && !isset($owned[$id]) && !self::holds($this->was, $layer, $id) && !$line->has('baked')) {
                $owned[$id] = true;
                $with = $this->with($id, $layer);
                if ($with !== null) {
                    $this->beside[$with][] = $id;
                } else {
                    $this->put($id, $layer, self::largest($gone, $this->said()), false);
                }
            }
        }
    }

    /** The key of the line that stays with which something new goes in of itself: egg with egg, flour with flour, a sweetener with the sugar; sour milk things wait. */
    private function with(string $id, int $layer): ?string
    {
        $in = $this->shelf->get($id);
        $agent = Agents::of($id);
        if (($agent !== null && $agent->named !== 'stands') || ($in->ph !== null && $in->ph < self::SOUR && $in->group === 'dairy')) {
            return null;
        }
        $best = null;
        $most = 0.0;
        foreach ($this->was->layers[$layer]->understood() as $i => $line) {
            $other = $this->shelf->get((string) $line->ingredient);
            $isLike = $other->group === $in->group || (\in_array($agent?->goesIn, ['sweet', 'cold'], true) && \in_array($other->group, ['sugar', 'sweetener'], true));
            if ($isLike && isset($this->said()["$layer.$i"]) && $line->grams > $most && self::holds($this->now, $layer, (string) $line->ingredient)) {
                [$best, $most] = ["$layer.$i", $line->grams];
            }
        }

        return $best;
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

    /** @return array<string, true> keys of lines a step takes that does not go with them */
    private function said(): array
    {
        $said = [];
        foreach ($this->method->acts as $act) {
            foreach (\in_array($act->operation->key, self::GOES, true) ? [] : $act->parts as $part) {
                $said[$part->key()] = true;
            }
        }

        return $said;
    }

    /**
     * @param array<string, Part> $gone
     * @param array<string, true> $said
     */
    private static function largest(array $gone, array $said): ?Part
    {
        foreach ($gone as $key => $part) {
            if (isset($said[$key])) {
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
        if ($for !== null && isset($this->said()[$for->key()]) && !$this->needsStep($id, $for)) {
            $this->named[$for->key()] = array_values(array_unique([...($this->named[$for->key()] ?? []), $id]));

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
        if ($agent === null || Agents::of($this->idOf($for)) === $agent) {
            return false;
        }
        $level = ($this->met[$for->key()] ?? null)->level ?? HeatLevel::Cold;

        return !match ($agent->named) {
            'stands' => true,
            'warm' => $level !== HeatLevel::Cold,
            'boiled' => $level === HeatLevel::Boil || (($this->met[$for->key()]->still ?? false) && $this->hasFlour($for->layer)),
            'whipped' => $this->isWhippedAt($for),
            default => false,
        };
    }

    /** A dough or batter: its oven cooks starch, which a bath of a custard does not. */
    private function hasFlour(int $layer): bool
    {
        return array_filter($this->now->layers[$layer]->understood(), fn(\Transmuta\Formula\Line $line): bool => $line->grams > 0.0 && $this->shelf->get((string) $line->ingredient)->isFlour()) !== [];
    }

    private function isWhippedAt(Part $for): bool
    {
        foreach ($this->method->acts as $act) {
            if (\in_array($act->operation->key, self::WHIPS, true) && array_filter($act->parts, static fn(Part $of): bool => $of->key() === $for->key()) !== []) {
                return true;
            }
        }

        return false;
    }
}
