<?php

declare(strict_types=1);

namespace Transmuta\Method;

use Transmuta\Formula\Formula;
use Transmuta\Formula\HeatLevel;
use Transmuta\Formula\HeatMet;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;

/**
 * What heat each line meets after it has gone in, read off the maker's own steps: an egg folded in after the boil is raw, whatever was boiled before it, and agar
 * boiled in a little of the milk is boiled, though its layer is not. It says what the steps do; that something was heated enough only a probe says.
 */
final readonly class HeatHistory
{
    /** °C of a mass from which it counts as melted, and as boiled. */
    private const WARM = 33.0;
    private const BOILS = 95.0;

    /** Share of its layer under which what is in a pot is a part of it. */
    private const APART = 0.6;

    /** Words by which something warm is spoken of. */
    private const SAYS_WARM = '~\b(?:hot|warm(?:ed)?|boiling|melted|heat|microwaved?|calient\w+|tibi\w+|chaud\w*|ti[eè]de\w*|cald[oa]|tiepid[oa]|quente|morn[oa]|hei(?:ß|ss)\w*|warme[nrms]?|garam)\b~iu';

    /** °C of what is left in the fridge. */
    private const FRIDGE = 5.0;

    /** What makes a cream of a gel, on purpose. */
    private const SHEARS = ['blend', 'homogenise', 'puree'];

    /** What breaks a gel that has gripped. */
    private const STIRS = ['fold', 'combine', 'beat', 'whip', 'stream_in', 'ripple', 'emulsify'];

    /** Means of heat in which nobody stirs. */
    private const STILL = ['oven', 'steam'];

    /** @param array<string, Ingredient> $ingredients by the key of their line */
    private function __construct(private Formula $formula, private Method $method, private array $ingredients) {}

    /**
     * The formula with what its own method does to each line. A layer whose steps say less heat than was said of the layer itself is left alone: one of the two
     * readings is wrong, and nobody knows which. Where a sentence is not understood, only what is hot is known.
     *
     * @param array<string, Ingredient> $ingredients by the key of their line
     */
    public static function onto(Formula $formula, Method $method, array $ingredients): Formula
    {
        $met = (new self($formula, $method, $ingredients))->met();
        $layers = [];
        foreach ($formula->layers as $n => $layer) {
            $of = array_filter($met, static fn(string $key): bool => str_starts_with($key, "$n."), \ARRAY_FILTER_USE_KEY);
            $agrees = self::agrees($layer, $of);
            $at = -1;
            $layers[] = $layer->with(array_map(static function (Line $line) use ($n, $of, $agrees, &$at): Line {
                if ($line->ingredient === null) {
                    return $line;
                }
                ++$at;

                return $line->meeting($agrees ? $of["$n.$at"] ?? null : null);
            }, $layer->lines));
        }

        return $formula->with($layers);
    }

    /**
     * @return array<string, bool> by the key of each line that is named: whether anything hot enough is done to it after it went in, or as it goes in
     */
    public static function of(Method $method): array
    {
        $heated = [];
        foreach ($method->acts as $n => $act) {
            foreach ($act->parts as $part) {
                // A line in two parts is as raw as the part that meets least.
                $is = false;
                foreach ($method->after($n) as $later) {
                    $is = $is || (self::brings($method->acts[$later])->value ?? 0) >= HeatLevel::Hot->value;
                }
                $heated[$part->key()] = ($heated[$part->key()] ?? true) && $is;
            }
        }

        return $heated;
    }

    /** @param array<string, HeatMet> $met of the lines of one layer */
    private static function agrees(Layer $layer, array $met): bool
    {
        $most = max([HeatLevel::Cold->value, ...array_map(static fn(HeatMet $one): int => $one->level->value, array_values($met))]);
        $isStill = array_filter($met, static fn(HeatMet $one): bool => $one->still) !== [];
        foreach ($layer->treatment->steps as $step) {
            $asks = match ($step->kind) {
                TreatmentKind::Boil => HeatLevel::Boil,
                TreatmentKind::Bake => HeatLevel::Hot,
                TreatmentKind::Cook => $step->reaches(Figure::CareSafe->number()) ? HeatLevel::Hot : HeatLevel::Warm,
                TreatmentKind::Melt => HeatLevel::Warm,
                default => HeatLevel::Cold,
            };
            if ($most < $asks->value || ($step->kind === TreatmentKind::Bake && !$isStill)) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, HeatMet> by the key of the line */
    private function met(): array
    {
        $isWhole = $this->method->unread() === [];
        $met = [];
        foreach ($this->method->acts as $n => $act) {
            if ($act->parts === []) {
                continue;
            }
            $of = $this->from($n);
            foreach ($act->parts as $part) {
                $was = $met[$part->key()] ?? null;
                $met[$part->key()] = $was === null || $of->level->value < $was->level->value ? $of : $was;
            }
        }

        return $isWhole ? $met : array_filter($met, static fn(HeatMet $one): bool => $one->level->value >= HeatLevel::Hot->value);
    }

    /** What is met from an act on. */
    private function from(int $n): HeatMet
    {
        $hottest = null;
        $level = HeatLevel::Cold;
        foreach ($this->method->after($n) as $later) {
            $brings = self::brings($this->method->acts[$later]) ?? ($this->isWarm($later) ? HeatLevel::Warm : HeatLevel::Cold);
            $isStiller = $hottest !== null && $brings === $level && $this->isStill($later) && !$this->isStill($hottest);
            if ($brings->value > $level->value || $isStiller) {
                $level = $brings;
                $hottest = $later;
            }
        }
        if ($hottest === null) {
            return new HeatMet($level);
        }
        $pot = $this->pot($hottest);
        $layer = $this->method->acts[$n]->layer;
        $whole = array_sum(array_map(static fn(Line $line): float => $line->grams, $this->formula->layers[$layer]->understood()));

        return new HeatMet($level, $this->isStill($hottest), $pot['grams'] < self::APART * $whole, $pot['lines'] === 1, $pot['water'], $this->method->acts[$hottest]->time?->best, ...$this->movedCold($hottest));
    }

    /**
     * How what was hot is moved once it has cooled.
     *
     * @return array{stirredAt: ?float, sheared: bool} °C at which it is stirred or folded last, where a step says how far it has cooled by then; whether it was blended smooth cold
     */
    private function movedCold(int $hottest): array
    {
        $celsius = $at = null;
        $isSheared = false;
        foreach ($this->method->after($hottest) as $n) {
            $act = $this->method->acts[$n];
            if (self::brings($act) === HeatLevel::Cold) {
                $celsius = $act->celsius ?? ($act->operation->heats === 'cold' || $act->operation->heats === 'freezer' ? self::FRIDGE : null);
            } elseif (self::brings($act) !== null) {
                $celsius = $at = null;
                $isSheared = false;
            }
            if (\in_array($act->operation->key, self::SHEARS, true)) {
                // Set and then blended smooth, it is a cream that may be folded.
                $isSheared = $isSheared || $celsius !== null;
                $celsius = $at = null;
            }
            if ($celsius !== null && \in_array($act->operation->key, self::STIRS, true)) {
                $at = $celsius;
            }
        }

        return ['stirredAt' => $at, 'sheared' => $isSheared];
    }

    private function isStill(int $act): bool
    {
        return \in_array($this->method->acts[$act]->operation->heats, self::STILL, true);
    }

    /** Whether something in an act comes hot from before it, and nobody has let it cool. */
    private function isWarm(int $n): bool
    {
        $open = $this->method->acts[$n]->from;
        for ($seen = []; $open !== [];) {
            $at = array_pop($open);
            if (isset($seen[$at])) {
                continue;
            }
            $seen[$at] = true;
            $brings = self::brings($this->method->acts[$at], false);
            if ($brings !== null && $brings->value >= HeatLevel::Warm->value) {
                return true;
            }
            if ($brings === null) {
                array_push($open, ...$this->method->acts[$at]->from);
            }
        }

        return false;
    }

    /**
     * What is in the pot at an act: g, g of water, how many lines.
     *
     * @return array{grams: float, water: float, lines: int}
     */
    private function pot(int $n): array
    {
        $grams = $water = 0.0;
        $lines = [];
        foreach ($this->method->partsIn($this->method->acts[$n]) as $part) {
            $held = $part->share * $this->formula->layers[$part->layer]->understood()[$part->line]->grams;
            $grams += $held;
            $water += $held * $this->ingredients[$part->key()]->composition->of100('water') / 100;
            $lines[$part->key()] = true;
        }

        return ['grams' => $grams, 'water' => $water, 'lines' => \count($lines)];
    }

    /**
     * How hot an act makes its mass, as far as its words say; null where it stays as it was.
     *
     * @param bool $byWords whether something warm that is only spoken of counts: melted butter in a crumb warms what it is mixed with, and nothing after
     */
    private static function brings(Act $act, bool $byWords = true): ?HeatLevel
    {
        $said = match ($act->operation->brings) {
            'boil' => HeatLevel::Boil,
            'hot' => HeatLevel::Hot,
            'warm' => HeatLevel::Warm,
            'cold' => HeatLevel::Cold,
            default => null,
        };
        if ($act->operation->key === 'bake' || $act->operation->key === 'bake_water') {
            // An oven's degrees are not the mass's: how far it gets is by the oven and the time.
            return TreatmentStep::of(TreatmentKind::Bake, $act->celsius, $act->time === null ? null : $act->time->best + array_sum(array_column($act->stages, 'minutes')))->reaches(Figure::CareSafe->number()) ? HeatLevel::Hot : HeatLevel::Warm;
        }
        if ($byWords && $said === null && preg_match(self::SAYS_WARM, $act->words) === 1) {
            return HeatLevel::Warm;
        }
        if ($act->celsius === null || \in_array($act->operation->heats, self::STILL, true) || !$act->operation->isHot()) {
            return $said;
        }

        return match (true) {
            $act->celsius >= self::BOILS => HeatLevel::Boil,
            $act->celsius >= Figure::CareSafe->number() => HeatLevel::Hot,
            $act->celsius >= self::WARM => HeatLevel::Warm,
            default => HeatLevel::Cold,
        };
    }
}
