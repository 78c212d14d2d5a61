<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Method\Act;
use Transmuta\Method\Method;
use Transmuta\Method\Part;

/** Where what comes into a layer goes in, by the graph of the maker's own steps: an agent with what it asks for, in a pot that bears it, and joined where the rest is ready. */
final class NewSteps
{
    /** What a mass is filled, baked or left by: what joins it last goes before. */
    private const ENDS = ['fill', 'pipe', 'bake', 'bake_water', 'steam', 'chill', 'freeze', 'spread', 'press_base', 'pour_over', 'churn', 'fold', 'layer'];

    private const BESIDE = ['prepare_tin', 'line_acetate', 'chill_tools', 'preheat'];

    /** Share of its layer from which something is the mass of it, and not what is made ready beside it. */
    private const MAIN = 0.5;

    /** The g of water over its least that a pot is best given. */
    private const BEST = 2.0;

    /** Share of its layer under which a liquid is a flavour or a colour, and no pot. */
    private const DROP = 0.03;

    /** What is done to a gel that grips hot before a foam is folded in cold. */
    private const SHEARED = 'Chill it until set, then blend it smooth. It stays soft from here on, and turns out of no mould.';

    /** What little foam there is goes in before the rest grips. */
    private const FOLDED = 'Have it whipped before the rest is joined, and fold it in at once, while that is still above 45 °C.';

    private const TRIED = 'Try it in one small mould first: a gel that grips hot bears little folding.';

    /** How what was bought is made here, of the names behind it. */
    private const BAKED = 'Beforehand, in place of {name}: mix {pot}, spread it 1 cm thick on a lined tray, bake at 170 °C until firm and dry, 20 to 25 minutes, and leave to cool.';
    private const DOUGH = 'Beforehand, in place of {name}: mix {pot} to a dough, rest it 30 minutes in the cold and roll it out 3 mm thick.';

    /** What is done with a thing beside the mass it is served with. */
    private const ASIDE = ['dip', 'soak_sponge', 'arrange', 'layer', 'scatter', 'dust', 'garnish', 'glaze', 'macerate', 'marinate', 'serve'];

    /** @var array<int, list<string>> sentences put in before a sentence, by its place */
    public array $before = [];

    /** @var array<int, list<string>> sentences put in after a sentence, by its place */
    public array $after = [];

    /** @var array<int, true> sentences after which what they heat is boiled, whatever was not to boil before */
    public array $boiled = [];

    /** @var list<string> steps put in at the end */
    public array $end = [];

    /** @var list<int> acts that are not done any more for the sake of what comes in */
    public array $dropped = [];

    /** @var array<int, array<string, true>> ids an agent is put into, by layer */
    private array $taken = [];

    /** @param array<int, bool> $alive whether each act is still done */
    private function __construct(private readonly Formula $was, private readonly Method $method, private readonly array $alive, private readonly Arrivals $arrivals, private readonly StepWords $words) {}

    /** @param array<int, bool> $alive whether each act is still done */
    public static function of(Formula $was, Method $method, array $alive, Arrivals $arrivals, StepWords $words): self
    {
        $made = new self($was, $method, $alive, $arrivals, $words);
        foreach (array_keys($arrivals->now->layers) as $layer) {
            $made->bakedFirst($layer);
        }
        foreach ($arrivals->steps as $step) {
            $made->put($step['id'], $step['layer'], $step['for']);
        }
        $made->freed();

        return $made;
    }

    private function put(string $id, int $layer, ?string $for): void
    {
        $agent = Agents::of($id);
        $name = $this->words->named($this->arrivals->name($id));
        if ($agent !== null && $this->arrivals->isPowder($id) && $this->arrivals->isDry($layer)) {
            $this->at($this->first($layer), $this->words->say('Mix {name} with the dry things first.', ['name' => $name]));

            return;
        }
        if ($agent === null) {
            $this->at($this->last($layer), $this->words->say('Mix in {name}.', ['name' => $name]));

            return;
        }
        if ($agent->stirredAbove !== null) {
            $this->gel($agent, $name, $layer, Arrivals::grams($this->arrivals->now, $layer, $id), $for);

            return;
        }
        $own = $for === null ? null : $this->firstWith($for);
        $grams = Arrivals::grams($this->arrivals->now, $layer, $id);
        $pot = $this->pot($layer, $agent, $grams, $for);
        // Curd and starch for the oven: there is nothing to boil it in, and the oven is what sets it.
        if ($agent->goesIn === 'boil' && $pot['isDry'] && $this->arrivals->isPowder($id) && $this->arrivals->now->layers[$layer]->treatment->bakes()) {
            $this->at($this->first($layer), $this->words->say('Mix {name} with the dry things first.', ['name' => $name]));

            return;
        }
        $text = $this->words->say($agent->step, ['name' => $name, 'pot' => $pot['words'], 'twice' => self::grams(2.0 * $grams)]);
        $join = $agent->join === '' ? '' : $this->words->say($agent->join, ['name' => $name]);
        $hot = $this->hot($layer);
        if ($agent->goesIn === 'boil' && $hot !== null) {
            $this->at($hot->sentence, $text);
            if ($agent->join !== '' && !$pot['isMain']) {
                $this->at($this->joining($for) ?? $this->last($layer), $join);
            }

            return;
        }
        if ($agent->join !== '') {
            $this->at($own ?? $this->first($layer), $text);
            $this->at($this->joining($for) ?? ($agent->goesIn === 'warm' ? $this->warm($layer) : $this->last($layer)), $join);

            return;
        }
        $this->at(match ($agent->goesIn) {
            'boil' => $this->first($layer),
            'warm' => $this->warm($layer),
            'last' => $this->last($layer),
            'whip' => $this->fold($layer) ?? $this->last($layer),
            default => $own ?? $this->first($layer),
        }, $text);
    }

    /** A gel that grips hot: boiled in what is heated anyway, or in a pot of its own; then nothing is cooled, or cold, before all is joined. */
    private function gel(Agent $agent, string $name, int $layer, float $grams, ?string $for): void
    {
        $pot = $this->pot($layer, $agent, $grams, $for);
        $hot = $this->hot($layer);
        $join = $for === null ? null : new HotJoin($this->was, $this->method, $this->alive, $this->arrivals, $for);
        $said = explode('; ', $this->words->say($agent->step, ['name' => $name, 'pot' => $pot['words']]), 2);
        $then = explode('; ', $agent->step, 2)[1] ?? '';
        if ($hot !== null && $pot['isHeated'] && isset($said[1]) && $this->isLastOfItsSentence($hot)) {
            $this->at($hot->sentence, "$said[0].");
            // What boils already is hot enough for what only melts.
            $isBoiled = $hot->operation->brings === 'boil';
            $this->boiled[$hot->sentence] = true;
            if (!$isBoiled || !str_starts_with($then, 'heat to')) {
                $kept = (string) preg_replace('~^bring to the boil and boil~', 'keep it at the boil', $then);
                $this->after[$hot->sentence][] = $isBoiled && $kept !== $then ? $this->words->say($kept) : StepWords::begun($said[1]);
            }
        } else {
            $this->at($hot->sentence ?? ($for === null ? null : $this->firstWith($for)) ?? $this->first($layer), implode($this->words->isEnglish() ? ', then ' : '; ', $said));
        }
        $at = $this->joining($for);
        if (!$pot['isMain'] && $agent->join !== '') {
            $this->at($at ?? $this->last($layer), $this->words->say($agent->join, ['name' => $name]));
        }
        if ($join === null) {
            return;
        }
        foreach ($join->cold as $sentence => $names) {
            if ($pot['isMain'] || $pot['isHeated'] || $sentence !== $at) {
                $this->at($sentence, $this->words->say('Warm {pot} to 35 °C first.', ['pot' => $this->words->named($this->words->listed($names))]));
            }
        }
        if ($join->foam !== null) {
            $this->at($join->foam, match (true) {
                $join->isTurnedOut => $this->words->say(self::FOLDED) . ' ' . $this->words->say(self::TRIED),
                $join->isLight => $this->words->say(self::FOLDED),
                default => $this->words->say(self::SHEARED),
            });
        }
        array_push($this->dropped, ...$join->cooled);
    }

    /** Whether nothing is done in the sentence of an act after it but to stir something in. */
    private function isLastOfItsSentence(Act $act): bool
    {
        $isAfter = false;
        foreach ($this->method->acts as $n => $one) {
            if ($isAfter && $one->sentence === $act->sentence && ($this->alive[$n] ?? true) && (\count($one->from) !== 1 || !\in_array($one->operation->key, ['combine', 'dissolve', 'infuse', 'take_off'], true))) {
                return false;
            }
            $isAfter = $isAfter || $one === $act;
        }

        return true;
    }

    /** As a hand weighs it: to 5 g from 50 g on, else to 1 g. */
    private static function grams(float $grams): string
    {
        return ($grams >= 50.0 ? round($grams / 5.0) * 5.0 : max(1.0, round($grams))) . ' g';
    }

    private function at(?int $sentence, string $text): void
    {
        if ($sentence === null) {
            $this->end[] = $text;
        } elseif (!\in_array($text, $this->before[$sentence] ?? [], true)) {
            $this->before[$sentence][] = $text;
        }
    }

    /** What stands for a thing that was bought and is made here first, baked or as a dough: before the first sentence that names that. */
    private function bakedFirst(int $layer): void
    {
        foreach ($this->was->layers[$layer]->understood() as $i => $line) {
            $part = new Part($layer, $i, 1.0, '');
            if (!$this->arrivals->isGone($part) || !$this->arrivals->isMadeApart($part)) {
                continue;
            }
            $names = array_map(fn(string $id): string => $this->words->part(Arrivals::holds($this->was, $layer, $id) ? 0.8 : 1.0, $this->arrivals->name($id)), $this->arrivals->isDough($part) ? $this->arrivals->standing($part) : $this->arrivals->bakedFor($part));
            $how = $this->arrivals->isDough($part) ? self::DOUGH : self::BAKED;
            $this->at($this->firstWith($part->key()) ?? $this->first($layer), $this->words->say($how, ['name' => $this->words->named($this->arrivals->name((string) $line->ingredient)), 'pot' => $this->words->listed($names)]));
        }
    }

    /** What was only put in with something that left, as the water gelatin swells in, goes in at the end where no pot of an agent has taken it. */
    private function freed(): void
    {
        foreach ($this->method->acts as $n => $act) {
            if ($this->alive[$n] ?? true) {
                continue;
            }
            foreach ($act->parts as $part) {
                if (!$this->arrivals->isGone($part) && !$this->isTakenElsewhere($part, $n) && !isset($this->taken[$part->layer][$this->arrivals->idOf($part)])) {
                    $this->at($this->last($part->layer), $this->words->say('Stir in {name}.', ['name' => $this->words->named($part->named === '' ? $this->arrivals->name($this->arrivals->idOf($part)) : $part->named)]));
                }
            }
        }
    }

    /** @return list<string> ids of liquids that only went in with something that left */
    private function freedWater(int $layer): array
    {
        $freed = [];
        foreach ($this->method->acts as $n => $act) {
            foreach (($this->alive[$n] ?? true) || $act->layer !== $layer ? [] : $act->parts as $part) {
                if (!$this->arrivals->isGone($part) && $this->arrivals->isLiquid($this->arrivals->idOf($part)) && !$this->isTakenElsewhere($part, $n)) {
                    $freed[] = $this->arrivals->idOf($part);
                }
            }
        }

        return $freed;
    }

    private function isTakenElsewhere(Part $part, int $act): bool
    {
        foreach ($this->method->acts as $n => $other) {
            if ($n !== $act && ($this->alive[$n] ?? true) && array_filter($other->parts, static fn(Part $one): bool => $one->key() === $part->key()) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * The liquid that bears an agent: of what is heated anyway first, until there is enough of it.
     *
     * @return array{words: string, isMain: bool, isHeated: bool, isDry: bool} `isDry`: whether too little of it pours for the agent; `isMain`: whether it is most of the layer; `isHeated`: whether all of it is heated by the maker's own steps
     */
    private function pot(int $layer, Agent $agent, float $grams, ?string $for): array
    {
        $all = array_sum(array_map(static fn(Line $line): float => $line->grams, $this->arrivals->now->layers[$layer]->understood()));
        $freed = $this->freedWater($layer);
        // What is mixed cold goes into what stands in the same place; what boils into what is heated anyway.
        $heated = $agent->goesIn === 'boil' || $for === null ? $this->heated($layer) : array_fill_keys($this->arrivals->named(Part::at($for)), 1.0);
        $aside = $this->aside($layer);
        $poured = array_values(array_filter($this->arrivals->now->layers[$layer]->understood(), fn(Line $line): bool => $line->grams > self::DROP * $all && !$line->has('baked') && !isset($aside[$line->ingredient]) && !$this->isWhipped($layer, (string) $line->ingredient) && Agents::of((string) $line->ingredient) === null));
        $liquids = array_values(array_filter($poured, fn(Line $line): bool => $this->bears((string) $line->ingredient)));
        $needed = ($agent->waterTimes ?? 0.0) * $grams;
        if ($this->water($liquids) < $needed) {
            // A jelly has nothing but its juice: what is sour bears it too, and costs it some of its strength.
            $liquids = array_values(array_filter($poured, fn(Line $line): bool => $this->bears((string) $line->ingredient) || $this->isJuice((string) $line->ingredient)));
        }
        // Water that was there for gelatin to swell in is there for this now.
        $heated += $heated === [] ? [] : array_fill_keys($freed, 1.0);
        usort($liquids, fn(Line $a, Line $b): int => [\in_array($b->ingredient, $freed, true), isset($heated[$b->ingredient]), $this->bears((string) $b->ingredient), $b->grams] <=> [\in_array($a->ingredient, $freed, true), isset($heated[$a->ingredient]), $this->bears((string) $a->ingredient), $a->grams]);
        if ($liquids === []) {
            return ['words' => $this->words->template('the mass'), 'isMain' => true, 'isHeated' => true, 'isDry' => true];
        }
        $wanted = self::BEST * ($agent->waterTimes ?? 0.0) * $grams;
        $names = $words = [];
        $isHeated = true;
        $water = $held = 0.0;
        foreach ($liquids as $line) {
            $id = (string) $line->ingredient;
            // Once there is enough for it, nothing is heated that would not be.
            if ($names !== [] && !isset($heated[$id]) && $water >= $wanted / self::BEST) {
                break;
            }
            $names[] = $this->arrivals->name($id);
            // Of what only a part is heated of, it is that part.
            $share = $heated[$id] ?? 1.0;
            $share = $share * $this->water([$line]) >= $needed ? $share : 1.0;
            $words[] = $this->words->part($share, $this->arrivals->name($id));
            $this->taken[$layer][$id] = true;
            $isHeated = $isHeated && isset($heated[$id]);
            $water += $share * $this->water([$line]);
            $held += $share * $line->grams;
            if ($water >= $wanted) {
                break;
            }
        }
        // Of a liquid that nobody heats otherwise, no more is heated than it takes.
        if (\count($names) === 1 && $agent->waterTimes !== null && !isset($heated[$liquids[0]->ingredient]) && $water > 1.6 * $wanted) {
            $part = ceil($held * $wanted / $water / 10.0) * 10.0;

            return ['words' => StepWords::filled($this->words->template('{grams} of {name}'), ['grams' => "$part g", 'name' => $this->words->named($names[0])]), 'isMain' => false, 'isHeated' => false, 'isDry' => false];
        }

        return ['words' => $this->words->listed($words), 'isMain' => $isHeated || $held >= self::MAIN * $all, 'isHeated' => $isHeated, 'isDry' => $water < $needed];
    }

    /**
     * g of water in lines.
     *
     * @param list<Line> $lines
     */
    private function water(array $lines): float
    {
        return array_sum(array_map(fn(Line $line): float => $line->grams * $this->arrivals->ingredient((string) $line->ingredient)->composition->of100('water') / 100, $lines));
    }

    /** Whether it is fruit that pours: a juice, a purée, by what it is or by what its row calls it. */
    private function isJuice(string $id): bool
    {
        $in = $this->arrivals->ingredient($id);
        if ($in->group !== 'fruit') {
            return false;
        }
        $said = implode(' ', array_map(static fn(Line $line): string => $line->ingredient === $id ? $line->text : '', array_merge(...array_map(static fn(\Transmuta\Formula\Layer $layer): array => $layer->lines, $this->was->layers))));

        return str_contains($in->class, 'juice') || preg_match('~-(?:puree|pulp|juice)$~', $id) === 1 || preg_match('~\b(?:pur[eé]e|pulp|coulis|juice|nectar)\b~iu', $said) === 1;
    }

    /** Whether it is whipped cold, or stands for what is. */
    private function isWhipped(int $layer, string $id): bool
    {
        foreach (array_keys($this->was->layers[$layer]->understood()) as $line) {
            $part = new Part($layer, $line, 1.0, '');
            if ($this->method->isWhipped($part->key()) && \in_array($id, $this->arrivals->inPlaceOf($part), true)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, true> ids of what only goes beside the mass of its layer: the coffee biscuits are dipped in */
    private function aside(int $layer): array
    {
        $in = $aside = [];
        foreach ($this->method->acts as $act) {
            foreach ($this->method->partsIn($act) as $part) {
                if ($part->layer === $layer && \in_array($act->operation->key, self::ASIDE, true)) {
                    $aside[$this->arrivals->idOf($part)] = true;
                }
            }
        }
        foreach ($this->method->acts as $act) {
            if (!\in_array($act->operation->key, [...self::ASIDE, ...self::ENDS, 'combine'], true)) {
                foreach ($this->method->partsIn($act) as $part) {
                    $in[$this->arrivals->idOf($part)] = true;
                }
            }
        }

        return array_diff_key($aside, $in);
    }

    /** Whether something may be boiled and have an agent whisked into it: no sour milk, no juice, no spirit. */
    private function bears(string $id): bool
    {
        $in = $this->arrivals->ingredient($id);

        return $this->arrivals->isLiquid($id) && ($in->ph === null || $in->ph >= Arrivals::SOUR) && $in->composition->of100('alcohol') < 2.0 && $in->group !== 'egg';
    }

    /** @return array<string, float> share of each id that is now in the pot of the first hot step of a layer, by what stood there */
    private function heated(int $layer): array
    {
        $hot = $this->hot($layer);
        $ids = [];
        foreach ($hot === null ? [] : $this->method->partsIn($hot) as $part) {
            foreach ($this->arrivals->inPlaceOf($part) as $id) {
                $ids[$id] = min(1.0, ($ids[$id] ?? 0.0) + $part->share);
            }
        }

        return $ids;
    }

    /** g in what an act works on, as the dish was. */
    private function weighs(Act $act): float
    {
        $grams = [];
        foreach ($this->method->partsIn($act) as $part) {
            $grams[$part->key()] = max($grams[$part->key()] ?? 0.0, $part->share * $this->was->layers[$part->layer]->understood()[$part->line]->grams);
        }

        return array_sum($grams);
    }

    /** @return list<Act> acts of a layer that are still done and are no mere handling */
    private function stillDone(int $layer): array
    {
        $of = [];
        foreach ($this->method->acts as $n => $act) {
            if ($act->layer === $layer && $act->sentence >= 0 && ($this->alive[$n] ?? true) && !$act->operation->isBare() && !\in_array($act->operation->key, self::BESIDE, true)) {
                $of[] = $act;
            }
        }

        return $of;
    }

    /** The first step in a pan of what is the mass of a layer, or of most that is ever heated in it. */
    private function hot(int $layer): ?Act
    {
        $hot = array_values(array_filter($this->stillDone($layer), fn(Act $act): bool => $act->operation->isHot() && !\in_array($act->operation->heats, ['oven', 'sugar', 'fat'], true) && $this->isWet($act)));
        if ($hot === []) {
            return null;
        }
        $most = max(array_map($this->weighs(...), $hot));
        foreach ($hot as $act) {
            if ($this->weighs($act) >= self::MAIN * $most) {
                return $act;
            }
        }

        return $hot[0];
    }

    /** Whether there is anything in it that bears an agent. */
    private function isWet(Act $act): bool
    {
        foreach ($this->method->partsIn($act) as $part) {
            foreach ($this->arrivals->inPlaceOf($part) as $id) {
                if ($this->bears($id) || $this->isJuice($id)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function first(int $layer): ?int
    {
        $of = $this->stillDone($layer);
        $wet = array_values(array_filter($of, fn(Act $act): bool => $this->isWet($act)));

        return ($wet[0] ?? $of[0] ?? null)?->sentence;
    }

    /** Before its mass is filled, baked or left. */
    private function last(int $layer): ?int
    {
        $of = $this->stillDone($layer);
        $most = $of === [] ? 0.0 : max(array_map($this->weighs(...), $of));
        foreach ($of as $act) {
            if (\in_array($act->operation->key, self::ENDS, true) && $this->weighs($act) >= self::MAIN * $most) {
                return $act->sentence;
            }
        }

        return $this->first($layer);
    }

    private function fold(int $layer): ?int
    {
        foreach ($this->stillDone($layer) as $act) {
            if ($act->operation->key === 'fold') {
                return $act->sentence;
            }
        }

        return null;
    }

    /** While the mass is still warm: after its last step in a pan, no later than where it is filled. */
    private function warm(int $layer): ?int
    {
        $hot = array_values(array_filter($this->stillDone($layer), fn(Act $act): bool => $act->operation->isHot() && $act->operation->heats !== 'oven' && $this->isWet($act)));
        $last = $this->last($layer);
        if ($hot === []) {
            return $last;
        }
        $next = min(end($hot)->sentence + 1, \count($this->method->sentences) - 1);

        return $last === null || $last < end($hot)->sentence ? $next : min($next, max($last, end($hot)->sentence));
    }

    /** The sentence a line first goes in at. */
    private function firstWith(string $key): ?int
    {
        foreach ($this->method->acts as $act) {
            if ($act->sentence >= 0 && array_filter($act->parts, static fn(Part $part): bool => $part->key() === $key) !== []) {
                return $act->sentence;
            }
        }

        return null;
    }

    /** The sentence in which something that left was put to the rest: where what stands for it is put to it now. */
    private function joining(?string $key): ?int
    {
        $at = $key === null ? null : $this->method->joining($key);
        $sentence = $at === null ? -1 : $this->method->acts[$at]->sentence;

        return $sentence >= 0 ? $sentence : null;
    }
}
