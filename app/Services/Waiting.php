<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Errand;
use App\Models\Studio;
use App\Models\Trial;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Transmuta\Property\Setting\Ladder;

/** What waits in a studio: what is to be done, soonest first, and what its versions ask of somebody. Every dish is counted, not only those that are listed. */
final class Waiting
{
    /** Most that one list holds; how many more there are is said. */
    private const MOST = 12;

    /** Worst first: what came out otherwise, what cannot be read, what was never made. */
    private const KINDS = ['off', 'open', 'unmade'];

    /** @return array<string, mixed> */
    public static function in(Studio $studio): array
    {
        $errands = Errand::query();
        $errands->with('dish')->whereHas('dish')->where('studio_id', $studio->id);
        Errand::open($errands);
        $total = $errands->count();
        /** @var list<string> $people */
        $people = (clone $errands)->where('waits_for', '!=', '')->distinct()->reorder('waits_for')->limit(60)->pluck('waits_for')->all();
        $errands->limit(100);

        return [
            'errands' => array_map(self::errand(...), array_values($errands->get()->all())),
            'errands_in_all' => $total,
            'people' => $people,
            'decisions' => array_merge(...array_map(static fn(string $kind): array => self::listed($studio, $kind), self::KINDS)),
            'in_all' => array_combine(self::KINDS, array_map(static fn(string $kind): int => self::versions($studio, $kind)->count(), self::KINDS)),
        ];
    }

    /** @return array<string, mixed> */
    public static function errand(Errand $errand): array
    {
        return ['id' => $errand->id, 'revision' => $errand->revision, 'dish_id' => $errand->dish_id, 'dish' => $errand->dish->title, 'words' => $errand->words, 'due_on' => $errand->due_on, 'waits_for' => $errand->waits_for, 'done_on' => $errand->done_on];
    }

    /** @return list<array<string, mixed>> */
    private static function listed(Studio $studio, string $kind): array
    {
        $found = self::versions($studio, $kind)->orderByDesc('versions.updated_at')->orderByDesc('versions.id')->limit(self::MOST)->get(['versions.id', 'versions.name', 'versions.open_lines', 'dishes.title', DB::raw('(select json_object(\'found\', t.set_step, \'foretold\', ' . Trial::foretold('t') . ') from trials t where t.version_id = versions.id order by t.id desc limit 1) as trial')])->all();

        return array_values(array_map(static function (object $row) use ($kind): array {
            /** @var array{found: int, foretold: int|string|null}|null $trial */
            $trial = \is_string($row->trial) ? json_decode($row->trial, true) : null;

            return [
                'kind' => $kind, 'version_id' => (int) $row->id, 'dish' => (string) $row->title, 'version' => (string) $row->name,
                'open_lines' => (int) $row->open_lines,
                'found' => $kind === 'off' && $trial !== null ? Ladder::WORDS[$trial['found']] : null,
                'is_softer' => $kind === 'off' && $trial !== null ? $trial['found'] < (int) $trial['foretold'] : null,
            ];
        }, $found));
    }

    private static function versions(Studio $studio, string $kind): Builder
    {
        $query = DB::table('versions')->join('dishes', 'dishes.id', '=', 'versions.dish_id')->where('versions.studio_id', $studio->id)
            ->whereNull('versions.deleted_at')->whereNull('dishes.deleted_at')->whereNull('dishes.away_at');
        $state = DishSearch::state($kind);
        \assert($state !== null);
        $state($query);

        return $query;
    }
}
