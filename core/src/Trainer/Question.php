<?php

declare(strict_types=1);

namespace Transmuta\Trainer;

use Transmuta\Fault\Nonsense;
use Transmuta\Property\Setting\Ladder;

/**
 * One thing to foretell, and its computed answer with the reason. How it is answered: a step of the ladder, one of the options, all options in an order,
 * or grams.
 */
final readonly class Question
{
    /** Steps off at which nothing is left of a score. */
    private const FAR = 3.0;

    /**
     * @param string $form step, pick, order, grams
     * @param list<array{name: string, lines: list<string>}> $given what is looked at
     * @param list<array{id: string, text: string, lines: list<string>}> $options
     * @param array{step?: int, pick?: string, order?: list<string>, grams?: float, wanted?: int, curve?: list<array{float, float}>} $key curve: GE % by grams, for what is dosed
     * @param list<string> $why
     */
    public function __construct(public Skill $skill, public string $form, public string $prompt, public array $given, public array $options, public array $key, public array $why) {}

    /** @return array<string, mixed> what is asked, without its answer */
    public function write(): array
    {
        return ['skill' => $this->skill->value, 'form' => $this->form, 'prompt' => $this->prompt, 'given' => $this->given, 'options' => $this->options];
    }

    /** @return array{key: array<string, mixed>, why: list<string>, form: string, options: list<string>} */
    public function sealed(): array
    {
        return ['key' => $this->key, 'why' => $this->why, 'form' => $this->form, 'options' => array_column($this->options, 'id')];
    }

    /**
     * How near an answer is, 0…1.
     *
     * @param array{key: array<string, mixed>, form: string, options: list<string>} $sealed as {@see sealed} wrote it
     *
     * @throws Nonsense if it is no answer to this
     */
    public static function score(array $sealed, mixed $answer): float
    {
        $key = $sealed['key'];
        switch ($sealed['form']) {
            case 'step':
                if (!\is_int($answer) || $answer < 0 || $answer > 6) {
                    throw Nonsense::sent('answer', $answer, 'choose a step from 0 (pours) to 6 (hard)');
                }

                return max(0.0, 1.0 - abs($answer - self::number($key['step'] ?? 0)) / self::FAR);
            case 'pick':
                if (!\is_string($answer) || !\in_array($answer, $sealed['options'], true)) {
                    throw Nonsense::sent('answer', $answer, 'choose one of the options');
                }

                return $answer === ($key['pick'] ?? null) ? 1.0 : 0.0;
            case 'order':
                $right = \is_array($key['order'] ?? null) ? array_values(array_filter($key['order'], is_string(...))) : [];
                $said = \is_array($answer) ? array_values(array_filter($answer, is_string(...))) : [];
                if (array_diff($right, $said) !== [] || \count($said) !== \count($right)) {
                    throw Nonsense::sent('answer', $answer, 'put all of them in an order');
                }

                return self::concordance($right, $said);
            default:
                if ((!\is_int($answer) && !\is_float($answer)) || $answer <= 0 || $answer > 1000) {
                    throw Nonsense::sent('answer', $answer, 'give grams over 0');
                }

                return max(0.0, 1.0 - abs(Ladder::coordinate(self::ge($key, (float) $answer)) - (self::number($key['wanted'] ?? 0) + 0.5)) / self::FAR);
        }
    }

    /**
     * GE % at a dose, by the sealed curve; beyond its ends as at them.
     *
     * @param array<string, mixed> $key
     */
    public static function ge(array $key, float $grams): float
    {
        $before = null;
        foreach (\is_array($key['curve'] ?? null) ? $key['curve'] : [] as $point) {
            if (!\is_array($point)) {
                continue;
            }
            [$at, $ge] = [self::number($point[0] ?? 0), self::number($point[1] ?? 0)];
            if ($at >= $grams) {
                return $before === null ? $ge : $before[1] + ($ge - $before[1]) * ($grams - $before[0]) / max(1e-9, $at - $before[0]);
            }
            $before = [$at, $ge];
        }

        return $before[1] ?? 0.0;
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    /**
     * Share of pairs that stand as they should (Kendall 1938, from 0 to 1).
     *
     * @param list<string> $right
     * @param list<string> $said
     */
    private static function concordance(array $right, array $said): float
    {
        $place = array_flip($said);
        $pairs = $good = 0;
        foreach ($right as $i => $a) {
            foreach (\array_slice($right, $i + 1) as $b) {
                ++$pairs;
                $good += ($place[$a] ?? 0) < ($place[$b] ?? 0) ? 1 : 0;
            }
        }

        return $pairs === 0 ? 1.0 : $good / $pairs;
    }
}
