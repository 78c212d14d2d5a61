<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Diet\Standing;
use Transmuta\Diet\Verdict;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Property\Ladder;
use Transmuta\Property\LayerReading;
use Transmuta\Watch\Warning;

/** A reading in the open JSON form that `formula:read` prints. */
final class ReadingJson
{
    /** The jobs of a line that counts for nothing. */
    private const IDLE = ['set' => 0.0, 'sweet' => 0.0, 'fat' => 0.0, 'acid' => 0.0, 'air' => 0.0, 'protein' => 0.0];

    /** @return array<string, mixed> */
    public static function write(DishReading $dish): array
    {
        return [
            'title' => $dish->formula->title,
            'family' => $dish->formula->family->value,
            'portions' => $dish->formula->portions,
            'layers' => array_map(
                static fn(LayerReading $layer, int $n): array => self::layer($layer, array_values(array_filter($dish->watch, static fn(Warning $w): bool => $w->layer === $n))),
                $dish->layers,
                array_keys($dish->layers),
            ),
            'portion' => self::facts($dish->portion),
            'per_100g' => self::facts($dish->per100),
            'allergens' => ['contains' => $dish->contains, 'may_contain' => $dish->mayContain],
            'diets' => array_map(self::verdict(...), $dish->diets),
            'unresolved' => array_map(
                static fn(Line $line): array => ['line' => $line->number, 'text' => $line->text, 'reason' => (string) $line->reason],
                $dish->formula->unresolved(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function warning(Warning $warning): array
    {
        return ['rule' => $warning->rule, 'severity' => $warning->severity->value, 'text' => $warning->text];
    }

    /** @return array{met: bool, unproven: list<string>, because: list<string>} */
    private static function verdict(Verdict $verdict): array
    {
        return ['met' => $verdict->standing() === Standing::Met, 'unproven' => $verdict->unproven, 'because' => $verdict->because];
    }

    /**
     * @param array<string, float> $facts
     *
     * @return array<string, float|int>
     */
    private static function facts(array $facts): array
    {
        $order = ['mass_g', 'kj', 'kcal', 'fat_g', 'saturates_g', 'carbohydrate_g', 'sugars_g', 'polyols_g', 'net_carbs_g', 'fibre_g', 'protein_g', 'salt_g', 'cost_minor'];
        $out = [];
        foreach ($order as $fact) {
            $value = $facts[$fact] ?? 0.0;
            $out[$fact] = $fact === 'cost_minor' ? (int) round($value) : round($value, $fact === 'salt_g' ? 3 : 2);
        }

        return $out;
    }

    /**
     * @param list<Warning> $watch
     *
     * @return array<string, mixed>
     */
    private static function layer(LayerReading $r, array $watch): array
    {
        $s = $r->state;

        return [
            'name' => $r->layer->name,
            'mass_g' => round($s->mass, 1),
            'volume_ml' => round($r->volume, 1),
            'water' => round($s->water, 2),
            'protein' => round($s->protein, 2),
            'fat' => round($s->fat, 2),
            'sugars' => round($s->sugars, 2),
            'starch' => round($s->of100('starch'), 2),
            'fibre' => round($s->of100('fibre'), 2),
            'se' => round($r->se, 2),
            'acid_citric' => round($r->acidCitric, 3),
            'ph' => $r->ph === null ? null : round($r->ph, 2),
            'aw' => round($r->aw, 3),
            'freezing_point_c' => $r->freezingPoint === null ? null : round($r->freezingPoint, 2),
            'set' => self::set($r),
            'lines' => self::lines($r),
            'watch' => array_map(self::warning(...), $watch),
        ];
    }

    /** @return array<string, mixed> a base has words of its own and no GE */
    private static function set(LayerReading $r): array
    {
        if ($r->baseWords !== null) {
            return ['ge' => null, 'low' => null, 'high' => null, 'step' => $r->baseWords, 'step_index' => null, 'kind' => 'crumb', 'mechanisms' => []];
        }

        return [
            'ge' => round($r->set->ge, 3),
            'low' => round($r->set->low, 3),
            'high' => round($r->set->high, 3),
            'step' => Ladder::word($r->set->ge),
            'step_index' => Ladder::step($r->set->ge),
            'kind' => $r->set->kind,
            'mechanisms' => $r->set->shares(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function lines(LayerReading $r): array
    {
        $jobs = $r->jobs;
        $lines = [];
        foreach ($r->layer->lines as $line) {
            $lines[] = [
                'text' => $line->text,
                'ingredient' => $line->ingredient,
                'grams' => $line->ingredient === null ? null : round($line->grams, 2),
                'trace' => $line->trace,
                'confidence' => $line->confidence->value,
                'jobs' => $line->ingredient === null ? self::IDLE : array_map(static fn(float $share): float => round($share, 3), array_shift($jobs) ?? self::IDLE),
            ];
        }

        return $lines;
    }
}
