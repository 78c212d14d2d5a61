<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Formula\Formula;
use Transmuta\Method\Act;
use Transmuta\Method\Method;
use Transmuta\Method\Part;

/**
 * What a method that set with gelatin, which grips cold, does that a gel which grips hot cannot bear: it is cooled before all is joined, cold things go into it, a
 * foam is folded in. Told by the graph of the maker's own steps from where the gelatin joined the rest.
 */
final readonly class HotJoin
{
    private const COOLS = ['cool', 'cool_over_ice', 'chill', 'rest'];

    /** What moves or mixes a mass, which a gel that has gripped is broken by. */
    private const STIRS = ['fold', 'combine', 'stream_in', 'temper_in', 'emulsify', 'strain', 'fill', 'pipe', 'pour_over', 'ripple', 'beat', 'whip'];

    /** What puts one mass on another and mixes neither. */
    private const PUTS = ['fill', 'pipe', 'pour_over', 'spread', 'layer', 'lay_in', 'arrange', 'scatter', 'garnish', 'serve'];

    private const MIXES = ['fold', 'combine', 'stream_in', 'temper_in', 'emulsify', 'strain', 'beat', 'blend'];

    /** What makes a cream of a gel, on purpose. */
    private const SMOOTHS = ['beat', 'whip', 'blend'];

    /** Share of its layer from which what is cold, or a foam, cools the rest too far to be joined as it is. */
    private const COOLING = 0.1;

    /** And under which a foam from the fridge leaves a mass of 45 °C above the 38 °C at which agar grips. */
    private const LIGHT = 0.2;

    /** The act at which what gripped joined the rest; null where no step says. */
    public ?int $at;

    /** @var list<int> acts that cool it before it is stirred or moved */
    public array $cooled;

    /** The sentence in which a foam is folded into it; null where none is. */
    public ?int $foam;

    /** Whether so little foam is folded in that the rest stays warm enough to bear it. */
    public bool $isLight;

    /** Whether it has to stand by itself afterwards: it is turned out, or stands on a base and is cut. */
    public bool $isTurnedOut;

    /** @var array<int, list<string>> names of what goes in cold, by the sentence */
    public array $cold;

    /**
     * @param array<int, bool> $alive whether each act is still done
     * @param string $for the key of the line that gripped
     */
    public function __construct(private Formula $was, private Method $method, private array $alive, private Arrivals $arrivals, string $for)
    {
        $this->at = $this->method->joining($for);
        $later = $this->at === null ? [] : array_values(array_filter($this->method->after($this->at), fn(int $n): bool => $n === $this->at || ($this->alive[$n] ?? true)));
        $folds = array_values(array_filter($later, fn(int $n): bool => \in_array($this->method->acts[$n]->operation->key, self::MIXES, true) && $this->weight($this->foams($n)) >= self::COOLING));
        $this->foam = $folds === [] ? null : $this->method->acts[$folds[0]]->sentence;
        $this->isLight = $folds !== [] && $this->weight($this->foams($folds[0])) < self::LIGHT;
        $this->isTurnedOut = array_filter($later, fn(int $n): bool => $this->method->acts[$n]->operation->key === 'unmould') !== [] || array_filter($this->method->acts, static fn(Act $act): bool => \in_array($act->operation->key, ['press_base', 'line_pastry'], true)) !== [];
        $this->cooled = array_values(array_filter($later, fn(int $n): bool => $n !== $this->at && \in_array($this->method->acts[$n]->operation->key, self::COOLS, true) && $this->isStirredAfter($n)));
        $cold = [];
        foreach ($later as $n) {
            $act = $this->method->acts[$n];
            if (!\in_array($act->operation->key, self::MIXES, true) || ($folds !== [] && $n >= $folds[0])) {
                continue;
            }
            $ids = $this->coldAt($n);
            if ($ids !== []) {
                $cold[$act->sentence] = array_values(array_unique([...($cold[$act->sentence] ?? []), ...$ids]));
            }
        }
        $this->cold = $cold;
    }

    /** @return list<Part> parts of what is whipped before it goes in at an act, and still is */
    private function foams(int $n): array
    {
        $foams = [];
        foreach ($this->method->acts[$n]->from as $from) {
            $way = $this->method->into($from);
            // What the gel itself has gone through is no foam that comes to it.
            if ($this->at !== null && ($from === $this->at || \in_array($this->at, $way, true))) {
                continue;
            }
            foreach ($way as $one) {
                if (\in_array($this->method->acts[$one]->operation->key, Method::WHIPS, true)) {
                    array_push($foams, ...array_filter($this->method->partsIn($this->method->acts[$one]), $this->isFoam(...)));
                }
            }
        }

        return [...$foams, ...array_filter($this->method->acts[$n]->parts, fn(Part $part): bool => $this->method->isWhipped($part->key()) && $this->isFoam($part))];
    }

    private function isFoam(Part $part): bool
    {
        return $this->arrivals->isGone($part) ? $this->arrivals->named($part) !== [] : $this->arrivals->ingredient($this->arrivals->idOf($part))->does('foam-overrun') > 0.0;
    }

    /** @return list<string> names, as the steps have them now, of what nobody has heated and is enough to cool the rest */
    private function coldAt(int $n): array
    {
        $act = $this->method->acts[$n];
        $in = $act->parts;
        foreach ($act->from as $from) {
            $way = $this->method->into($from);
            if ($this->at !== null && $from !== $this->at && !\in_array($this->at, $way, true) && !$this->isHot($way)) {
                array_push($in, ...$this->method->partsIn($this->method->acts[$from]));
            }
        }
        $cold = array_values(array_filter($in, fn(Part $part): bool => $this->arrivals->isLiquid($this->arrivals->idOf($part)) || $this->arrivals->ingredient($this->arrivals->idOf($part))->composition->of100('water') > 40.0));
        if ($this->weight($cold) < self::COOLING) {
            return [];
        }

        return array_values(array_unique(array_merge(...array_map(fn(Part $part): array => $this->arrivals->isGone($part) || $part->named === '' ? array_map($this->arrivals->name(...), $this->arrivals->inPlaceOf($part)) : [$part->named], $cold))));
    }

    /** @param list<int> $acts */
    private function isHot(array $acts): bool
    {
        return array_filter($acts, fn(int $n): bool => ($this->alive[$n] ?? true) && $this->method->acts[$n]->operation->isHot()) !== [];
    }

    /** @param list<Part> $parts share of the layer, as it was */
    private function weight(array $parts): float
    {
        $grams = 0.0;
        $whole = 0.0;
        foreach ($parts as $part) {
            $lines = $this->was->layers[$part->layer]->understood();
            $grams += $part->share * $lines[$part->line]->grams;
            $whole = array_sum(array_map(static fn(\Transmuta\Formula\Line $line): float => $line->grams, $lines));
        }

        return $whole > 0.0 ? $grams / $whole : 0.0;
    }

    /** Whether what an act cooled is mixed, strained or filled after it; not where it is set on purpose, to be beaten smooth or to stand under the next. */
    private function isStirredAfter(int $n): bool
    {
        $later = array_values(array_filter($this->method->after($n), fn(int $one): bool => $one !== $n && ($this->alive[$one] ?? true)));
        if ($later !== [] && self::isAlone($this->method->acts[$later[0]]) && \in_array($this->method->acts[$later[0]]->operation->key, self::SMOOTHS, true)) {
            return false;
        }
        // What is only cooled is moved after it; what is chilled stands where it is, and something may be put on it.
        $isSet = $this->method->acts[$n]->operation->key === 'chill' || $this->method->acts[$n]->operation->key === 'rest';
        foreach ($later as $one) {
            $act = $this->method->acts[$one];
            if ($isSet && \in_array($act->operation->key, self::PUTS, true)) {
                return false;
            }
            if (\in_array($act->operation->key, self::STIRS, true)) {
                return true;
            }
        }

        return false;
    }

    private static function isAlone(Act $act): bool
    {
        return $act->parts === [] && \count($act->from) === 1;
    }
}
