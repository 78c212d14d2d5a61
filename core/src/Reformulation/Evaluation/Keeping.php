<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Property\DishReading;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Deviation\Guard;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Substitution\Permit;

/** What of a brief a finished dish keeps, read off the result whatever led to it: what is banned and still there, and numbers that are missed. */
final readonly class Keeping
{
    /**
     * @param list<string> $banned names of what the brief bans and the dish holds
     * @param list<string> $missed numbers missed, in words
     * @param float $worst the worst of them, as a share of the limit
     * @param list<string> $far what nobody asked for and is another dish on the plate, in words
     * @param list<string> $denied what the result's own reading says against a diet of the brief though no limit of it is missed, in words
     * @param list<string> $packets what has to be asked before a diet or a word of the brief is met, behind its name: of packets, of certificates
     */
    private function __construct(public array $banned, public array $missed, public float $worst, public array $far, public array $denied, public array $packets) {}

    public static function of(DishReading $result, DishReading $original, Brief $brief, Permit $permit): self
    {
        $banned = [];
        foreach ($result->layers as $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if (($layer->state->grams[$i] > 0.0 || $portion->infused) && $permit->bans($portion->ingredient) && !$permit->bansByAmount($portion->ingredient)) {
                    $banned[] = $portion->ingredient->name;
                }
            }
        }
        foreach ($brief->diets as $diet) {
            if (!\in_array($diet, Misses::BY_NUMBERS, true) && $result->diets[$diet->value]->standing() === Standing::NotMet) {
                $banned = [...$banned, ...$result->diets[$diet->value]->because];
            }
        }
        $misses = Misses::of($result, $original, $brief);
        $denied = [];
        foreach ($brief->diets as $diet) {
            if ($misses === [] && \in_array($diet, Misses::BY_NUMBERS, true) && $result->diets[$diet->value]->standing() === Standing::NotMet) {
                $denied = [...$denied, ...array_map(static fn(string $why): string => $diet->words() . ': ' . $why, $result->diets[$diet->value]->because)];
            }
        }

        return new self(
            array_values(array_unique($banned)),
            array_map(static fn(array $m): string => \sprintf('%s %s %s a portion, %s %s', $m['name'], round($m['value'], 1), $m['unit'], $m['atMost'] ? 'over' : 'under', round($m['limit'], 1)), array_values($misses)),
            max([0.0, ...array_map(static fn(array $m): float => abs($m['value'] - $m['limit']) / max(0.5, $m['limit']), $misses)]),
            [...self::richer($result, $original), ...self::leaner($result, $original, $brief)],
            array_values(array_unique($denied)),
            self::packets($result, $original, $brief, $permit),
        );
    }

    /**
     * Read off the result's own verdicts: no diet is met while its reading has a question to it. What the original met and the result only may is
     * asked too, and what a packet of something left out on a guest's word warns of.
     *
     * @return list<string>
     */
    private static function packets(DishReading $result, DishReading $original, Brief $brief, Permit $permit): array
    {
        $asked = [];
        $guesses = $result->formula->questions();
        $kept = array_filter(Guard::DIETS, static fn(Diet $diet): bool => $original->diets[$diet->value]->standing() === Standing::Met && !$brief->asks($diet));
        foreach ([...$brief->diets, ...$kept] as $diet) {
            // A question that one diet asks is not asked again for another.
            foreach (array_diff($result->diets[$diet->value]->unproven, $guesses, array_keys($asked)) as $question) {
                $asked[$question] = $diet->words() . ': ' . $question;
            }
        }
        $asked = array_values($asked);
        foreach ($result->layers as $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($layer->state->grams[$i] > 0.0 || $portion->infused) {
                    $asked = [...$asked, ...$permit->questions($portion->ingredient)];
                }
            }
        }

        return array_values(array_unique($asked));
    }

    /** @return list<string> */
    private static function richer(DishReading $result, DishReading $original): array
    {
        [$now, $was] = [$result->portion['kcal'], $original->portion['kcal']];

        return $now <= Weights::of('energy.far') * max(1.0, $was) ? [] : [\sprintf('far richer: %.0f kcal a portion, was %.0f', $now, $was)];
    }

    /**
     * A rich layer that has hardly any fat left, where neither fat nor energy was asked to be less.
     *
     * @return list<string>
     */
    private static function leaner(DishReading $result, DishReading $original, Brief $brief): array
    {
        if ($brief->fatLimit($original->portion['mass_g']) !== null || $brief->kcal !== null) {
            return [];
        }
        $far = [];
        foreach ($original->layers as $n => $layer) {
            [$now, $was] = [$result->layers[$n]->state->fat, $layer->state->fat];
            if ($was >= Weights::of('fat.rich') && $now < Weights::of('fat.far') * $was) {
                $far[] = \sprintf("%s: far leaner: fat %.1f\u{00A0}%%, was %.1f\u{00A0}%%", $layer->layer->name, $now, $was);
            }
        }

        return $far;
    }

    public function isKept(): bool
    {
        return $this->banned === [] && $this->missed === [];
    }

    /** Kept, or a number is missed by so little that a cook would offer it and say so. */
    public function isNear(): bool
    {
        return $this->banned === [] && $this->worst <= Weights::of('near') + 1e-9;
    }
}
