<?php

declare(strict_types=1);

namespace Transmuta\Trainer;

use Closure;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Sensory\Dice;
use Transmuta\Trial\Pots\DoseCurve;

/**
 * Makes exercises out of dishes: what becomes of the set when a line leaves, which is sweeter, what splits, how much of an agent sets it. Every answer is
 * computed by the same models as everything else, and told with its numbers.
 */
final readonly class Exercises
{
    /** Lines that leave are worth asking about from this share of the set on. */
    private const GIVES = 0.2;

    /** Steps between two sweetnesses that can be told, SE. */
    private const APART = 1.5;

    /** Fat from which it can be seen to split, g in 100 g. */
    private const FREE = 2.0;

    public function __construct(private Reader $reader) {}

    /**
     * @param list<array{dish: string, version: string, layer: string, lines: list<string>, foretold: int, found: int, who: string, on: string}> $trials
     *
     * @return ?Question null where these dishes have nothing to ask
     */
    public function of(Skill $skill, Pool $dishes, array $trials, Dice $dice): ?Question
    {
        return match ($skill) {
            Skill::Set => self::tries($dishes, $dice, fn(DishReading $dish): ?Question => $this->leaves($dish, $dice)),
            Skill::Dose => self::tries($dishes, $dice, fn(DishReading $dish): ?Question => $this->dose($dish, $dice)),
            Skill::Sweetness => $this->sweeter($dishes, $dice),
            Skill::Split => $this->splits($dishes, $dice),
            Skill::Trial => self::tried($trials, $dice),
        };
    }

    /** @param Closure(DishReading): ?Question $ask */
    private static function tries(Pool $dishes, Dice $dice, Closure $ask): ?Question
    {
        foreach ($dishes->drawn($dice) as $dish) {
            $question = $ask($dish);
            if ($question !== null) {
                return $question;
            }
        }

        return null;
    }

    /** A line leaves, nothing takes its place. */
    private function leaves(DishReading $dish, Dice $dice): ?Question
    {
        $asked = [];
        foreach ($dish->layers as $layer) {
            if ($layer->baseWords !== null || $layer->set->ge < 0.3) {
                continue;
            }
            foreach ($layer->state->model->portions as $n => $portion) {
                $left = $this->reader->set->ge($layer->state->without($n), $dish->formula->serveAt);
                if ($layer->set->ge - $left >= self::GIVES * $layer->set->ge) {
                    $asked[] = [$layer, $n, $left];
                }
            }
        }
        if ($asked === []) {
            return null;
        }
        [$layer, $n, $left] = $asked[$dice->upTo(\count($asked))];
        $name = mb_strtolower($layer->state->model->portions[$n]->ingredient->name);
        $parts = $this->reader->set->mechanisms($layer->state->without($n), $dish->formula->serveAt);

        return new Question(
            Skill::Set,
            'step',
            \sprintf('The %s of “%s” is served at %g °C: %s. The %s leaves and nothing takes its place. How does it set?', mb_strtolower($layer->layer->name), $dish->formula->title, $dish->formula->serveAt, Ladder::word($layer->set->ge), $name),
            [self::shown($layer)],
            self::steps(),
            ['step' => Ladder::step($left)],
            [\sprintf('With it: %.2f GE %% (%s). Without: %.2f (%s).', $layer->set->ge, Ladder::word($layer->set->ge), $left, Ladder::word($left)), ...self::told($parts, $left)],
        );
    }

    private function sweeter(Pool $dishes, Dice $dice): ?Question
    {
        $all = [];
        foreach ($dishes->drawn($dice) as $dish) {
            if (\count($all) === 5) {
                break;
            }
            foreach ($dish->layers as $layer) {
                $near = array_filter($all, static fn(array $one): bool => abs($one[1]->se - $layer->se) < self::APART);
                if ($near === [] && $layer->se > 0.5 && \count($all) < 5) {
                    $all[] = [$dish, $layer];
                }
            }
        }
        if (\count($all) < 4) {
            return null;
        }
        $options = array_map(static fn(array $one, int $n): array => ['id' => "o$n", 'text' => \sprintf('%s, %s', $one[0]->formula->title, mb_strtolower($one[1]->layer->name)), 'lines' => self::shown($one[1])['lines']], $all, array_keys($all));
        $ids = array_keys($all);
        usort($ids, static fn(int $a, int $b): int => $all[$b][1]->se <=> $all[$a][1]->se);

        return new Question(Skill::Sweetness, 'order', 'Put these in order, the sweetest first.', [], $options, ['order' => array_map(static fn(int $n): string => "o$n", $ids)], array_map(static fn(int $n): string => \sprintf('%s: as sweet as %.0f %% sugar', $options[$n]['text'], $all[$n][1]->se), $ids));
    }

    private function splits(Pool $dishes, Dice $dice): ?Question
    {
        $holding = [];
        $splitting = null;
        foreach ($dishes->drawn($dice) as $dish) {
            if ($splitting !== null && \count($holding) === 3) {
                break;
            }
            foreach ($dish->layers as $layer) {
                $state = $splitting === null ? $this->broken($layer, $dice) : null;
                if ($state !== null) {
                    $splitting = [$dish, $layer, $state];
                    continue;
                }
                $of = $this->reader->emulsion->of($layer->state);
                if ($layer->baseWords === null && $of !== null && $layer->state->fat >= self::FREE && $of['held'] >= 1.3 * $of['free'] && \count($holding) < 3) {
                    $holding[] = [$dish, $layer, $layer->state];
                }
            }
        }
        if ($splitting === null || \count($holding) < 2) {
            return null;
        }
        $all = $dice->shuffled([$splitting, ...$holding]);
        $options = array_map(static fn(array $one, int $n): array => ['id' => "o$n", 'text' => \sprintf('%s, %s', $one[0]->formula->title, mb_strtolower($one[1]->layer->name)), 'lines' => self::lines($one[2])], $all, array_keys($all));
        $pick = array_search($splitting, $all, true);

        return new Question(Skill::Split, 'pick', 'One of these will split. Which?', [], $options, ['pick' => "o$pick"], array_map(function (array $one, array $option): string {
            $of = $this->reader->emulsion->of($one[2]);

            return \sprintf('%s: %.1f g free fat in 100 g, and what is in it holds %.1f', $option['text'], $of['free'] ?? 0.0, $of['held'] ?? 0.0);
        }, $all, $options));
    }

    /** The layer so that its fat is more than it holds: what held it left out, or one of its fats at several times its mass. */
    private function broken(LayerReading $layer, Dice $dice): ?LayerState
    {
        $of = $layer->baseWords === null ? $this->reader->emulsion->of($layer->state) : null;
        if ($of === null || $of['free'] < self::FREE) {
            return null;
        }
        $tried = [];
        foreach (array_keys($layer->state->model->portions) as $n) {
            $tried[] = $layer->state->without($n);
            $grams = $layer->state->grams;
            $grams[$n] *= 2 + $dice->upTo(4);
            $tried[] = LayerState::of($layer->state->model, array_values($grams));
        }
        foreach ($dice->shuffled($tried) as $state) {
            $of = $this->reader->emulsion->of($state);
            if ($of !== null && $of['free'] > self::FREE && $of['held'] < 0.8 * $of['free']) {
                return $state;
            }
        }

        return null;
    }

    private function dose(DishReading $dish, Dice $dice): ?Question
    {
        foreach ($dice->shuffled($dish->layers) as $layer) {
            foreach ($layer->state->model->portions as $n => $portion) {
                $in = $portion->ingredient;
                if ($layer->baseWords !== null || $layer->state->grams[$n] <= 0.0 || ($in->does('agar') <= 0.0 && $in->does('gelatin-bloom') <= 0.0 && $in->does('iota') <= 0.0)) {
                    continue;
                }
                $wanted = 3 + $dice->upTo(3);
                $grams = $layer->state->grams[$n];
                $curve = [];
                foreach (range(0, 40) as $step) {
                    $weighed = $layer->state->grams;
                    $weighed[$n] = $grams * 0.1 * 60 ** ($step / 40);
                    $curve[] = [$weighed[$n], $this->reader->set->ge(LayerState::of($layer->state->model, array_values($weighed)), $dish->formula->serveAt)];
                }
                $right = DoseCurve::by('', array_column($curve, 0), static fn(float $g): float => Question::ge(['curve' => $curve], $g))->dose(Ladder::ge($wanted + 0.5));
                if ($right === null) {
                    continue;
                }

                return new Question(
                    Skill::Dose,
                    'grams',
                    \sprintf('How many grams of %s bring this %s to “%s” at %g °C?', mb_strtolower($in->name), mb_strtolower($layer->layer->name), Ladder::WORDS[$wanted], $dish->formula->serveAt),
                    [self::shown($layer, $n)],
                    [],
                    ['grams' => $right, 'wanted' => $wanted, 'curve' => $curve],
                    [\sprintf('%.1f g, which is %.2f %% of the layer: %.2f GE %%, the middle of “%s”.', $right, 100 * $right / ($layer->state->mixed - $grams + $right), Ladder::ge($wanted + 0.5), Ladder::WORDS[$wanted]), ...self::told($layer->set->mechanisms, $layer->set->ge)],
                );
            }
        }

        return null;
    }

    /** @param list<array{dish: string, version: string, layer: string, lines: list<string>, foretold: int, found: int, who: string, on: string}> $trials */
    private static function tried(array $trials, Dice $dice): ?Question
    {
        if ($trials === []) {
            return null;
        }
        $trial = $trials[$dice->upTo(\count($trials))];

        return new Question(
            Skill::Trial,
            'step',
            \sprintf('%s, %s: how did the %s come out here?', $trial['dish'], $trial['version'], mb_strtolower($trial['layer'])),
            [['name' => $trial['layer'], 'lines' => $trial['lines']]],
            self::steps(),
            ['step' => $trial['found']],
            [\sprintf('Found “%s” by %s on %s; foretold was “%s”.', Ladder::WORDS[$trial['found']], $trial['who'] !== '' ? $trial['who'] : 'the kitchen', $trial['on'], Ladder::WORDS[$trial['foretold']])],
        );
    }

    /** @return list<array{id: string, text: string, lines: list<string>}> */
    private static function steps(): array
    {
        return array_map(static fn(string $word, int $n): array => ['id' => (string) $n, 'text' => $word, 'lines' => []], Ladder::WORDS, array_keys(Ladder::WORDS));
    }

    /**
     * @param array<string, float> $parts
     *
     * @return list<string>
     */
    private static function told(array $parts, float $whole): array
    {
        arsort($parts);
        $parts = array_filter($parts, static fn(float $ge): bool => $whole > 0.0 && $ge / $whole >= 0.05);

        return $parts === [] ? ['Nothing in it sets.'] : ['What sets it: ' . implode(', ', array_map(static fn(string $name, float $ge): string => \sprintf('%s %.0f %%', $name, 100 * $ge / $whole), array_keys($parts), array_values($parts))) . '.'];
    }

    /** @return array{name: string, lines: list<string>} */
    private static function shown(LayerReading $layer, ?int $hidden = null): array
    {
        $lines = self::lines($layer->state);
        if ($hidden !== null) {
            $lines[$hidden] = '? g ' . mb_strtolower($layer->state->model->portions[$hidden]->ingredient->name);
        }

        return ['name' => $layer->layer->name . ($layer->layer->treatment->isNone() ? '' : ', ' . $layer->layer->treatment->words()), 'lines' => array_values($lines)];
    }

    /** @return list<string> */
    private static function lines(LayerState $state): array
    {
        return array_map(static fn(float $grams, int $n): string => self::line($grams, $state->model->portions[$n]->ingredient->name), $state->grams, array_keys($state->grams));
    }

    /** A line as it is shown to whoever foretells. */
    public static function line(float $grams, string $name): string
    {
        return \sprintf('%s g %s', (string) round($grams, $grams < 20 ? 1 : 0), mb_strtolower($name));
    }
}
