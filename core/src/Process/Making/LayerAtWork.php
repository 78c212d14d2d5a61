<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Process\LineRole;
use Transmuta\Process\LineWords;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Portion;
use Transmuta\Shelf\Nature;

/** A layer while it is made: its lines by what they are for, how they are told, how long it takes to heat, and where its steps go. */
final readonly class LayerAtWork
{
    /** A gel that is poured hot and sets as it cools: it must not cool first. */
    private const POURED_HOT = ['agar', 'kappa', 'iota', 'lm-pectin', 'hm-pectin', 'gellan', 'konjac'];

    /** °C that no middle is taken past on purpose. */
    private const CORE_MOST = 82.0;

    /** @var array<string, list<int>> places of lines by role */
    public array $roles;

    public function __construct(public Steps $steps, public ProcessBook $book, public DishReading $dish, public LayerReading $layer, public int $n, private LineWords $words)
    {
        $this->roles = LineRole::places($layer);
    }

    public function isPouredHot(): bool
    {
        return self::pouredHot($this->layer);
    }

    public static function pouredHot(LayerReading $layer): bool
    {
        return array_intersect(array_keys($layer->set->mechanisms), self::POURED_HOT) !== [];
    }

    /** °C in the middle at which egg in it is done and safe; null where no egg thickens it. */
    public function core(): ?float
    {
        return $this->layer->window === null ? null : max($this->layer->window->safe, min(self::CORE_MOST, $this->layer->window->done));
    }

    /** min on a ring from one temperature to another: by the pan's own model where the layer has one, else by m·c·ΔT/P. */
    public function heats(float $grams, float $from, float $to): float
    {
        $modelled = $this->layer->pan?->minutes($from, min(99.0, $to));
        $kg = $grams / 1000;
        $kw = min($this->book->value('ring-kw'), max(0.05, $this->book->value('gentle-kw-kg') * $kg));
        // The pan's model has a pan as wide as the mass wants; the ring gives what it gives.
        $pan = $modelled !== null && $grams >= 0.5 * $this->layer->state->mixed ? $modelled : 0.0;

        return max($pan, $kg * $this->layer->thermal->specificHeat * max(0.0, $to - $from) / (60 * $kw));
    }

    /** Whole nuts and dried fruit: only blades make them smooth. */
    public static function isBlended(Portion $portion): bool
    {
        return $portion->ingredient->is(Nature::SoakOvernight) || \in_array($portion->ingredient->class, ['nut', 'dried-fruit'], true);
    }

    public function portion(int $line): Portion
    {
        return $this->layer->state->model->portions[$line];
    }

    /** @return list<array{ingredient: string, grams: float}> the lines of some roles, as they stand in the layer */
    public function of(string ...$roles): array
    {
        return $this->lines(array_merge(...array_map(fn(string $role): array => $this->roles[$role], array_values($roles))));
    }

    /**
     * @param list<int> $at
     *
     * @return list<array{ingredient: string, grams: float}>
     */
    public function lines(array $at): array
    {
        sort($at);

        return array_map(fn(int $i): array => ['ingredient' => $this->portion($i)->ingredient->id, 'grams' => $this->layer->layer->understood()[$i]->grams], $at);
    }

    /**
     * @param list<array{ingredient: string, grams: float}> $all
     * @param list<array{ingredient: string, grams: float}> $but
     *
     * @return list<array{ingredient: string, grams: float}>
     */
    public function without(array $all, array $but): array
    {
        foreach ($but as $line) {
            $at = array_search($line, $all, true);
            if ($at !== false) {
                unset($all[$at]);
            }
        }

        return array_values($all);
    }

    /** @param list<array{ingredient: string, grams: float}> $lines */
    public function told(array $lines): string
    {
        $portions = [];
        foreach ($this->layer->state->model->portions as $portion) {
            $portions[$portion->ingredient->id] ??= $portion;
        }

        return implode(', ', array_map(fn(array $line): string => $this->words->of($line['grams'], $portions[$line['ingredient']]), $lines));
    }
}
