<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Deviation\Job;

/**
 * What pays a job that is still owed (`core/data/reformulation/means.csv`), in order of preference, and how much of it is pleasant
 * (`pleasant.csv`). Doses in % of the layer.
 */
final class MeansBook
{
    /**
     * @param 'short'|'over'|'powder' $way
     *
     * @return list<array{id: string, where: string, typical: float, most: float, least: float, when: list<string>, note: string}>
     */
    public static function for(Job $job, string $way): array
    {
        $means = Kept::once(self::class . ' means', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/means') as $row) {
                $made[$row['job'] . ' ' . $row['way']][] = [
                    'id' => $row['ingredient'], 'where' => $row['where'], 'typical' => (float) $row['typical'], 'most' => (float) $row['most'], 'least' => (float) $row['least_useful'],
                    'when' => $row['when'] === '' ? [] : explode(' ', $row['when']), 'note' => $row['note'],
                ];
            }

            return $made;
        });

        return $means[$job->value . ' ' . $way] ?? [];
    }

    /**
     * The most of an ingredient that is pleasant in a layer of this kind, %; null where the table sets no bound.
     *
     * @param 'base'|'filling'|'foam'|'baked'|'frozen' $where
     */
    public static function pleasant(string $ingredient, string $class, string $where): ?float
    {
        $pleasant = Kept::once(self::class . ' pleasant', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/pleasant') as $row) {
                $made[$row['key']] = ['filling' => (float) $row['filling'], 'foam' => (float) $row['foam'], 'baked' => (float) $row['baked'], 'base' => (float) $row['base'], 'frozen' => (float) $row['frozen']];
            }

            return $made;
        });

        return ($pleasant[$ingredient] ?? $pleasant["class:$class"] ?? null)[$where] ?? null;
    }

    /**
     * The most of all powders, polyols, gums or liquid oils together that is pleasant in a layer of this kind, %.
     *
     * @param 'powder'|'polyol'|'gum'|'oil' $sum
     * @param 'base'|'filling'|'foam'|'baked'|'frozen' $where
     */
    public static function together(string $sum, string $where): float
    {
        return self::pleasant("sum:$sum", '', $where) ?? 100.0;
    }

    /** The least of an ingredient worth weighing in a layer, %, whatever it is there for; 0 where the table says nothing. */
    public static function leastUseful(string $ingredient): float
    {
        $useful = Kept::once(self::class . ' useful', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/means') as $row) {
                $made[$row['ingredient']] = min($made[$row['ingredient']] ?? 100.0, (float) $row['least_useful']);
            }

            return $made;
        });

        return $useful[$ingredient] ?? 0.0;
    }

    /** @return array{effort: int, wait: int} minutes at hand and hours of waiting that it brings */
    public static function handling(string $ingredient, string $class): array
    {
        $handling = Kept::once(self::class . ' handling', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/handling') as $row) {
                $made[$row['key']] = ['effort' => (int) $row['effort_min'], 'wait' => (int) $row['wait_h']];
            }

            return $made;
        });

        return $handling[$ingredient] ?? $handling["class:$class"] ?? ['effort' => 2, 'wait' => 0];
    }
}
