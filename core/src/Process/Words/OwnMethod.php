<?php

declare(strict_types=1);

namespace Transmuta\Process\Words;

use Transmuta\Fault\Nonsense;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\StepKind;
use Transmuta\Property\DishReading;
use Transmuta\Quantity\Scale;

/**
 * The method in somebody's own words beside the making the formula asks for. Words are never changed: where the making has become another, both are
 * shown. A step is known again by what it does to what ({@see marks}), since its id moves when one is added before it.
 */
final readonly class OwnMethod
{
    /** Amounts as near as this are the formula's own: what a scale's rounding leaves. */
    private const SAME = 0.02;

    private const SAME_GRAMS = 0.06;

    /** Stands in the words for the temperature of the step; no ingredient is called so. */
    private const TARGET = '_c';

    private const LONGEST = 1200;

    private const MOST = 200;

    private const HEATS = [StepKind::Heat, StepKind::Cook, StepKind::Boil, StepKind::Bake, StepKind::Caramelise, StepKind::Melt];

    public function __construct(private Making $making) {}

    /**
     * @param list<OwnStep> $own in their order; none where everything is told as the making tells it
     *
     * @return list<ToldStep>
     */
    public function told(array $own, DishReading $dish): array
    {
        $steps = $this->making->of($dish);
        if ($own === []) {
            return array_map(static fn(MakingStep $step): ToldStep => new ToldStep($step->id, $step->id, $step->text, false, null, $step->text, ''), $steps);
        }
        $found = self::found($own, $steps, $dish);
        /** @var list<array{OwnStep|null, MakingStep|null}> $order */
        $order = [];
        $out = [];
        foreach ($own as $words) {
            if ($words->isOut) {
                $out[] = $found[$words->id] ?? null;
                continue;
            }
            // Nobody's words are lost with a step that went away unwritten.
            if ($words->text !== '' || isset($found[$words->id])) {
                $order[] = [$words, $found[$words->id] ?? null];
            }
        }
        foreach ($steps as $step) {
            if (!\in_array($step, array_column($order, 1), true) && !\in_array($step, $out, true)) {
                array_splice($order, self::placeOf($step, $order, $steps), 0, [[null, $step]]);
            }
        }
        $early = self::early(array_column($order, 1));

        return array_map(fn(array $pair): ToldStep => $this->step($pair[0], $pair[1], $dish, $early), $order);
    }

    /**
     * Steps their maker took out, with what is not done any more: nothing is put back unasked, and nothing is left unsaid.
     *
     * @param list<OwnStep> $own
     *
     * @return list<array{step: string, text: string, breaks: string}>
     */
    public function out(array $own, DishReading $dish): array
    {
        $found = self::found($own, $this->making->of($dish), $dish);
        $out = [];
        foreach ($own as $words) {
            $step = $words->isOut ? $found[$words->id] ?? null : null;
            if ($step !== null) {
                $names = array_map(static fn(array $line): string => mb_strtolower(($dish->layers[$step->layer] ?? null)?->portionOf($line['ingredient'])->ingredient->name ?? $line['ingredient']), $step->lines);
                $out[] = ['step' => $step->id, 'text' => $step->text, 'breaks' => match (true) {
                    $names !== [] => 'no step takes this any more: ' . implode(', ', $names),
                    \in_array($step->kind, self::HEATS, true) => 'what it heated is not heated by it any more',
                    default => '',
                }];
            }
        }

        return $out;
    }

    /**
     * What was typed, as it is kept: amounts linked to the formula, each knowing the step it tells.
     *
     * @param list<array{id: string, step: ?string, text: string}> $typed in their order
     *
     * @return list<OwnStep>
     *
     * @throws Nonsense if a step is unknown, or stands before one it needs
     */
    public function kept(array $typed, DishReading $dish): array
    {
        if (\count($typed) > self::MOST) {
            throw Nonsense::of('steps', (string) \count($typed), 'write at most ' . self::MOST . ' steps');
        }
        $marks = self::marks($this->making->of($dish), $dish);
        $steps = array_column($this->making->of($dish), null, 'id');
        $own = $order = $ids = [];
        foreach ($typed as $n => $one) {
            $step = $one['step'] === null ? null : $steps[$one['step']] ?? throw Nonsense::of("steps.$n.step", $one['step'], 'the making has no such step; open the method anew');
            $text = trim($one['text']);
            if (mb_strlen($text) > self::LONGEST) {
                throw Nonsense::of("steps.$n.text", mb_substr($text, 0, 30) . '…', 'write at most ' . self::LONGEST . ' letters a step; part it');
            }
            if ($step === null && $text === '') {
                throw Nonsense::of("steps.$n.text", '', 'write what is done, or take the step out');
            }
            if (isset($ids[$one['id']])) {
                throw Nonsense::of("steps.$n.id", $one['id'], 'each step has an id of its own');
            }
            $ids[$one['id']] = true;
            $isAsTold = $step !== null && $text === $step->text;
            $own[] = new OwnStep($one['id'], $step === null ? null : $marks[$step->id], match (true) {
                $step === null => $text,
                $isAsTold => '',
                default => self::linked($text, $step, $dish),
            }, $step === null ? '' : self::bare($step->text));
            $order[] = $step;
        }
        // What is taken out stays out, and is told as such ({@see out}).
        foreach ($steps as $step) {
            if (!\in_array($step, $order, true)) {
                $own[] = new OwnStep("out-$step->id", $marks[$step->id], '', self::bare($step->text), true);
            }
        }
        $early = self::early($order);
        if ($early !== []) {
            $first = array_key_first($early);
            throw Nonsense::of('steps', $steps[$first]->text, \sprintf('it needs “%s” done before: move it under that', rtrim($steps[$early[$first]]->text, '.')));
        }

        return $own;
    }

    /**
     * What each step does to what, by its id: its layer, its kind and what enters, and the how-manieth of such it is (a dough is chilled twice), so
     * that it is known again when others come and go.
     *
     * @param list<MakingStep> $steps
     *
     * @return array<string, string>
     */
    private static function marks(array $steps, DishReading $dish): array
    {
        $marks = $seen = [];
        foreach ($steps as $step) {
            $layer = ($dish->layers[$step->layer] ?? null)?->layer;
            $held = array_column($step->lines, 'ingredient');
            sort($held);
            $mark = implode('|', [$layer === null ? '' : ($layer->id === '' ? $layer->name : $layer->id), $step->kind->value, implode(',', $held)]);
            $marks[$step->id] = $mark . '|' . ($seen[$mark] = ($seen[$mark] ?? 0) + 1);
        }

        return $marks;
    }

    /**
     * Which step of the making each tells: the same to the same first, then the same kind in the same layer. Parts of one step share it.
     *
     * @param list<OwnStep> $own
     * @param list<MakingStep> $steps
     *
     * @return array<string, MakingStep> by the id of the words
     */
    private static function found(array $own, array $steps, DishReading $dish): array
    {
        $marks = self::marks($steps, $dish);
        $byId = array_column($steps, null, 'id');
        $told = [];
        foreach ($own as $words) {
            $id = $words->mark === null ? false : array_search($words->mark, $marks, true);
            if ($id !== false && $words->mark !== null) {
                $told[$words->mark] = $byId[$id];
            }
        }
        $kind = static fn(string $mark): string => implode('|', \array_slice(explode('|', $mark), 0, 2));
        foreach ($own as $words) {
            if ($words->mark === null || isset($told[$words->mark])) {
                continue;
            }
            foreach ($marks as $id => $mark) {
                if ($kind($mark) === $kind($words->mark) && !\in_array($byId[$id], $told, true)) {
                    $told[$words->mark] = $byId[$id];
                    break;
                }
            }
        }
        $found = [];
        foreach ($own as $words) {
            if ($words->mark !== null && isset($told[$words->mark])) {
                $found[$words->id] = $told[$words->mark];
            }
        }

        return $found;
    }

    /**
     * After the last of what it needs; where it needs nothing, before what follows it in the making.
     *
     * @param list<array{OwnStep|null, MakingStep|null}> $order
     * @param list<MakingStep> $steps
     */
    private static function placeOf(MakingStep $step, array $order, array $steps): int
    {
        $place = null;
        foreach ($order as $i => [, $other]) {
            if ($other !== null && \in_array($other->id, $step->after, true)) {
                $place = $i + 1;
            }
        }
        if ($place !== null) {
            return $place;
        }
        $own = (int) array_search($step, $steps, true);
        foreach ($order as $i => [, $other]) {
            if ($other !== null && (int) array_search($other, $steps, true) > $own) {
                return $i;
            }
        }

        return \count($order);
    }

    /**
     * @param list<?MakingStep> $order
     *
     * @return array<string, string> steps that stand before one they need, with that one
     */
    private static function early(array $order): array
    {
        $first = $last = $early = [];
        foreach ($order as $i => $step) {
            if ($step !== null) {
                $first[$step->id] ??= $i;
                $last[$step->id] = $i;
            }
        }
        foreach ($order as $step) {
            foreach ($step->after ?? [] as $before) {
                if ($step !== null && ($last[$before] ?? -1) > $first[$step->id]) {
                    $early[$step->id] = $before;
                }
            }
        }

        return $early;
    }

    /** @param array<string, string> $early */
    private function step(?OwnStep $words, ?MakingStep $step, DishReading $dish, array $early): ToldStep
    {
        if ($words === null) {
            \assert($step !== null);

            return new ToldStep($step->id, $step->id, $step->text, false, Quarrel::New, $step->text, 'the formula asks for this step since the method was written');
        }
        if ($step === null) {
            return new ToldStep($words->id, null, self::filled($words->text, null, $dish), true, $words->mark === null ? null : Quarrel::Gone, '', $words->mark === null ? '' : 'the formula has no such step any more');
        }
        $isOwn = $words->text !== '';
        $text = $isOwn ? self::filled($words->text, $step, $dish) : $step->text;
        [$quarrel, $why] = match (true) {
            isset($early[$step->id]) => [Quarrel::Early, 'it stands before a step it needs'],
            $isOwn && $words->seen !== self::bare($step->text) => [Quarrel::Changed, 'the formula asks for another step since this was written'],
            $isOwn && ($off = self::offIn($text, $step, $dish)) !== null => [Quarrel::Amount, $off],
            default => [null, ''],
        };

        return new ToldStep($words->id, $step->id, $text, $isOwn, $quarrel, $step->text, $why);
    }

    /** A told step without its figures, by which it is seen whether it has become another. */
    private static function bare(string $text): string
    {
        return (string) preg_replace(['/\b\d+ x (?=[a-z])/', '/\d+(?:[.,]\d+)?/', '/\s*\([^)]*solution[^)]*\)/'], ['', '#', ''], $text);
    }

    /** The words with their amounts, and the temperature of the step, as tokens. */
    private static function linked(string $text, MakingStep $step, DishReading $dish): string
    {
        if ($step->target !== null) {
            $text = (string) preg_replace('/(?<![\d.,–-])' . preg_quote((string) round($step->target), '/') . '\s*°\s*C\b/u', '{{' . self::TARGET . '}}', $text);
        }
        foreach (self::amounts($step, $dish) as $ingredient => [$grams, $names]) {
            foreach ($names as $name) {
                $text = (string) preg_replace_callback(
                    self::amountOf($name),
                    static fn(array $m): string => self::isSame((float) str_replace(',', '.', $m[1]), $grams) ? '{{' . $ingredient . '}}' . mb_substr($m[2], mb_strlen($name)) : $m[0],
                    $text,
                );
            }
        }

        return $text;
    }

    /** The words with the formula's amounts in them. */
    private static function filled(string $text, ?MakingStep $step, DishReading $dish): string
    {
        $amounts = $step === null ? [] : self::amounts($step, $dish);

        return (string) preg_replace_callback('/\{\{([a-z0-9_-]+)\}\}/', static function (array $m) use ($amounts, $step): string {
            if ($m[1] === self::TARGET) {
                return $step === null || $step->target === null ? '? °C' : round($step->target) . ' °C';
            }
            [$grams, $names] = $amounts[$m[1]] ?? [0.0, [str_replace('-', ' ', $m[1])]];

            return Scale::shown($grams) . ' g ' . $names[\count($names) - 1];
        }, $text);
    }

    /** An amount the words name that is not the formula's; null where there is none. */
    private static function offIn(string $text, MakingStep $step, DishReading $dish): ?string
    {
        foreach (self::amounts($step, $dish) as [$grams, $names]) {
            foreach ($names as $name) {
                if (preg_match(self::amountOf($name), $text, $m) === 1 && !self::isSame((float) str_replace(',', '.', $m[1]), $grams)) {
                    return \sprintf('it says %s g %s, and the formula has %s g', $m[1], $name, Scale::shown($grams));
                }
            }
        }

        return null;
    }

    private static function isSame(float $said, float $grams): bool
    {
        return abs($said - $grams) <= max(self::SAME_GRAMS, self::SAME * $grams);
    }

    private static function amountOf(string $name): string
    {
        return '/(?<![\d.,])(\d+(?:[.,]\d+)?)\s*g(?:rams?)?\s+(?:of\s+)?(' . preg_quote($name, '/') . ')\b/iu';
    }

    /**
     * What enters in the step, or, where nothing does, what the layer holds.
     *
     * @return array<string, array{float, non-empty-list<string>}> g and names by ingredient, the longest name first
     */
    private static function amounts(MakingStep $step, DishReading $dish): array
    {
        $all = [];
        $layer = $dish->layers[$step->layer] ?? null;
        if ($layer === null) {
            return [];
        }
        $lines = $layer->layer->understood();
        foreach ($layer->state->model->portions as $i => $portion) {
            $of = $portion->ingredient;
            $name = mb_strtolower($of->name);
            $grams = isset($lines[$i]) ? $lines[$i]->grams : 0.0;
            $short = trim((string) preg_replace('/\s*[,(].*$/u', '', $name));
            $all[$of->id] = [($all[$of->id][0] ?? 0.0) + $grams, array_values(array_unique([$name, $short]))];
        }
        foreach ($step->lines as $line) {
            if (isset($all[$line['ingredient']])) {
                $all[$line['ingredient']][0] = $line['grams'];
            }
        }

        return $all;
    }
}
