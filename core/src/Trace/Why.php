<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Reference\Figure;

/**
 * "Why?" of any number of a reading, by a path: `portion.kcal`, `per_100g.fat_g`, `us.calories`, `layers.0.set`, `layers.0.set_20c`, `layers.0.set.egg`,
 * `layers.0.ph`, `layers.0.lines.2.grams`, `layers.0.lines.2.jobs`, `cooling` of the whole dish (places count from 0).
 */
final readonly class Why
{
    public function __construct(private Reader $reader) {}

    /** @throws UnknownNumber if the reading has no such number */
    public function explain(DishReading $dish, string $path): Trace
    {
        $reader = $this->reader->for($dish->formula);
        $leaves = new Leaves($reader->reference);
        $steps = explode('.', $path);

        return match ($steps[0]) {
            'portion' => (new WhyNutrition($reader, $leaves))->portion($dish, $steps[1] ?? ''),
            'per_100g' => (new WhyNutrition($reader, $leaves))->per100($dish, $steps[1] ?? ''),
            'us' => (new WhyNutrition($reader, $leaves))->us($dish, $steps[1] ?? ''),
            'cooling' => (new WhyHeat($reader, $leaves))->cooling($dish->stack->whole ?? throw UnknownNumber::path($path)),
            'layers' => $this->layer($dish, $reader, $leaves, \array_slice($steps, 1), $path),
            default => throw UnknownNumber::path($path),
        };
    }

    /** @param list<string> $steps */
    private function layer(DishReading $dish, Reader $reader, Leaves $leaves, array $steps, string $path): Trace
    {
        $n = (int) ($steps[0] ?? -1);
        $layer = ctype_digit($steps[0] ?? '') ? $dish->layers[$n] ?? null : null;
        $what = $steps[1] ?? '';
        if ($layer === null || $what === '') {
            throw UnknownNumber::path($path);
        }
        $set = new WhySet($reader, $leaves);

        return match ($what) {
            'set' => isset($steps[2]) ? $set->mechanism($layer, $steps[2], $dish->formula->serveAt) : $set->whole($layer, $dish->formula->serveAt),
            'set_20c' => $set->whole($layer, Reader::ROOM),
            'firm_fat' => $set->firmFat($layer, $dish->formula->serveAt),
            'lines' => $this->line($layer, $reader, $leaves, $steps, $dish->formula->serveAt, $path),
            'solid_fat_35c' => $set->solidFat($layer, Figure::FatMouth->number()),
            'solid_fat_5c' => $set->solidFat($layer, Reader::FRIDGE),
            default => \in_array($what, WhyHeat::PATHS, true)
                ? (new WhyHeat($reader, $leaves))->of($layer, $what, $dish->stack, $n)
                : (new WhyLayer($reader, $leaves))->of($layer, $what, $dish->stack->heights[$n]),
        };
    }

    /** @param list<string> $steps */
    private function line(LayerReading $layer, Reader $reader, Leaves $leaves, array $steps, float $serveAt, string $path): Trace
    {
        $i = self::understood($layer, (int) ($steps[2] ?? -1)) ?? throw UnknownNumber::path($path);

        return ($steps[3] ?? 'grams') === 'jobs' ? (new WhyJobs($reader, $leaves))->of($layer, $i, $serveAt) : $leaves->mass($layer, $i);
    }

    /** The place among the understood lines of a line counted among all; null where that one is not understood. */
    private static function understood(LayerReading $layer, int $line): ?int
    {
        if (($layer->layer->lines[$line] ?? null)?->ingredient === null) {
            return null;
        }
        $before = array_filter(\array_slice($layer->layer->lines, 0, $line), static fn(Line $l): bool => $l->ingredient !== null);

        return \count($before);
    }
}
