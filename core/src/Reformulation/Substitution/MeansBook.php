<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Reference\Table;
use Transmuta\Reformulation\Deviation\Job;

/**
 * What pays a job that is still owed (`core/data/reformulation/means.csv`), in order of preference, and how much of it is pleasant
 * (`pleasant.csv`). Doses in % of the layer.
 */
final class MeansBook
{
    /** @var ?array<string, list<array{id: string, where: string, typical: float, most: float, least: float, when: list<string>, note: string}>> */
    private static ?array $means = null;

    /** @var ?array<string, array<string, float>> */
    private static ?array $pleasant = null;

    /** @var ?array<string, float> */
    private static ?array $useful = null;

    /** @var ?array<string, array{effort: int, wait: int}> */
    private static ?array $handling = null;

    /**
     * @param 'short'|'over'|'powder' $way
     *
     * @return list<array{id: string, where: string, typical: float, most: float, least: float, when: list<string>, note: string}>
     */
    public static function for(Job $job, string $way): array
    {
        if (self::$means === null) {
            self::$means = [];
            foreach (Table::of('reformulation/means') as $row) {
                self::$means[$row['job'] . ' ' . $row['way']][] = [
                    'id' => $row['ingredient'], 'where' => $row['where'], 'typical' => (float) $row['typical'], 'most' => (float) $row['most'], 'least' => (float) $row['least_useful'],
                    'when' => $row['when'] === '' ? [] : explode(' ', $row['when']), 'note' => $row['note'],
                ];
            }
        }

        return self::$means[$job->value . ' ' . $way] ?? [];
    }

    /**
     * The most of an ingredient that is pleasant in a layer of this kind, %; null where the table sets no bound.
     *
     * @param 'base'|'filling'|'foam'|'baked'|'frozen' $where
     */
    public static function pleasant(string $ingredient, string $class, string $where): ?float
    {
        if (self::$pleasant === null) {
            self::$pleasant = [];
            foreach (Table::of('reformulation/pleasant') as $row) {
                self::$pleasant[$row['key']] = ['filling' => (float) $row['filling'], 'foam' => (float) $row['foam'], 'baked' => (float) $row['baked'], 'base' => (float) $row['base'], 'frozen' => (float) $row['frozen']];
            }
        }

        return (self::$pleasant[$ingredient] ?? self::$pleasant["class:$class"] ?? null)[$where] ?? null;
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
        if (self::$useful === null) {
            self::for(Job::Set, 'short');
            self::$useful = [];
            foreach (self::$means ?? [] as $rows) {
                foreach ($rows as $row) {
                    self::$useful[$row['id']] = min(self::$useful[$row['id']] ?? 100.0, $row['least']);
                }
            }
        }

        return self::$useful[$ingredient] ?? 0.0;
    }

    /** @return array{effort: int, wait: int} minutes at hand and hours of waiting that it brings */
    public static function handling(string $ingredient, string $class): array
    {
        if (self::$handling === null) {
            self::$handling = [];
            foreach (Table::of('reformulation/handling') as $row) {
                self::$handling[$row['key']] = ['effort' => (int) $row['effort_min'], 'wait' => (int) $row['wait_h']];
            }
        }

        return self::$handling[$ingredient] ?? self::$handling["class:$class"] ?? ['effort' => 2, 'wait' => 0];
    }
}
