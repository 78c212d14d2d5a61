<?php

declare(strict_types=1);

namespace Transmuta\Process\Run;

use Transmuta\Process\LineRole;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Quantity\Scale;

/**
 * The weighing-out of a dish: each line with how near it must be by what it does, and what mends a layer where one came short or over. Nearness
 * by common practice (`core/data/process/tolerance.csv`): an agent to 0.1 g, milk to 3 %.
 */
final readonly class WeighOut
{
    public function __construct(private Making $making, private ProcessBook $book) {}

    /**
     * @param array<string, float> $weighed g by "step ingredient"
     * @param array<int, float> $factors by layer, of what was still to be weighed when it was balanced anew
     *
     * @return list<Weighing> in the order they go in
     */
    public function of(DishReading $dish, array $weighed = [], array $factors = []): array
    {
        $all = [];
        foreach ($this->making->of($dish) as $step) {
            foreach ($step->lines as $line) {
                $layer = $dish->layers[$step->layer];
                $was = $weighed["$step->id {$line['ingredient']}"] ?? null;
                $asked = $line['grams'] * ($factors[$step->layer] ?? 1.0);
                $all[] = new Weighing($step->layer, $step->id, $line['ingredient'], mb_strtolower($layer->portionOf($line['ingredient'])->ingredient->name ?? $line['ingredient']), $asked, $this->near($layer, $line['ingredient'], $asked), $was, Scale::solution($asked));
            }
        }

        return $all;
    }

    /**
     * For each layer in which something is off while something is still to be weighed.
     *
     * @param list<Weighing> $all
     *
     * @return list<Rescale>
     */
    public static function mends(array $all): array
    {
        $mends = [];
        foreach ($all as $one) {
            $left = array_filter($all, static fn(Weighing $w): bool => $w->layer === $one->layer && $w->weighed === null);
            if (!$one->isOff() || $one->weighed === null || $one->weighed <= 0.0 || $left === []) {
                continue;
            }
            $factor = $one->weighed / $one->asked;
            $over = array_filter($all, static fn(Weighing $w): bool => $w->layer === $one->layer && $w !== $one && $w->weighed !== null && abs($w->weighed - $w->asked * $factor) > $w->tolerance);
            // Worst last: the one farthest from what was asked is what the layer is made by.
            if (isset($mends[$one->layer]) && abs($mends[$one->layer]->factor - 1.0) >= abs($factor - 1.0)) {
                continue;
            }
            $mends[$one->layer] = new Rescale($one->layer, $factor, \sprintf(
                '%s g %s instead of %s: what is not weighed yet × %.3g keeps the layer in balance%s.',
                Scale::shown($one->weighed),
                $one->name,
                Scale::shown($one->asked),
                $factor,
                $over === [] ? '' : \sprintf('; %s %s weighed already and would be %s', implode(' and ', array_map(static fn(Weighing $w): string => $w->name, $over)), \count($over) === 1 ? 'is' : 'are', $factor < 1.0 ? 'too much' : 'too little'),
            ));
        }

        return array_values($mends);
    }

    /** g either way, never finer than the scale shows. */
    private function near(LayerReading $layer, string $ingredient, float $asked): float
    {
        return max($asked < 1.0 ? 0.01 : 0.1, $this->book->near(self::kind($layer, $ingredient), $asked));
    }

    private static function kind(LayerReading $layer, string $ingredient): string
    {
        foreach (LineRole::places($layer) as $role => $places) {
            foreach ($places as $place) {
                $of = $layer->state->model->portions[$place]->ingredient;
                if ($of->id !== $ingredient) {
                    continue;
                }

                return match (true) {
                    \in_array($role, ['gelatin', 'binder', 'pectin', 'calcium'], true) => 'agent',
                    $of->composition->of100('water') < 20.0 && ($of->composition->of100('salt') > 50.0 || $of->composition->family('acid.') > 50.0) => 'sharp',
                    $role === 'sugar' || $role === 'fat' => $role,
                    default => 'rest',
                };
            }
        }

        return 'rest';
    }
}
