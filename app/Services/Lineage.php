<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\PotLadder;
use App\Models\Revision;
use App\Models\Run;
use App\Models\Tasting;
use App\Models\Trial;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Transmuta\Property\Setting\Ladder;

/**
 * A dish as a tree: versions, their revisions, what was made, tried, stepped and tasted of each, with what changed on the way and how it came out.
 *
 * @phpstan-type Node array{id: string, kind: string, parent: ?string, title: string, words: list<string>, at: string, who: string, came: ?string, version_id: ?int, revision_id: ?int, number: ?int, is_head: bool}
 */
final class Lineage
{
    private const MOST = 400;

    /** @return list<Node> parents before their children */
    public static function of(Dish $dish): array
    {
        $nodes = [];
        $versions = Version::query();
        $versions->where('dish_id', $dish->id)->orderBy('id');
        $all = $versions->get();
        $heads = DB::table('heads')->whereIn('version_id', $all->modelKeys())->pluck('revision_id', 'version_id');
        $revisions = Revision::query();
        $revisions->whereIn('version_id', $all->modelKeys())->orderBy('id')->limit(self::MOST);
        $by = $revisions->get()->groupBy('version_id');
        foreach ($all as $version) {
            $nodes[] = self::node("v$version->id", 'version', $version->parent_id === null ? null : "v$version->parent_id", $version->name, [], $version->updated_at->toIso8601ZuluString(), '', null, $version->id, null, null);
            foreach ($by[$version->id] ?? [] as $revision) {
                $nodes[] = [
                    ...self::node("r$revision->id", 'revision', $revision->parent_id === null ? "v$version->id" : "r$revision->parent_id", "revision $revision->number", array_map(strval(...), $revision->words), $revision->created_at->toIso8601ZuluString(), $revision->author, null, $version->id, $revision->id, $revision->number),
                    'is_head' => ($heads[$version->id] ?? null) === $revision->id,
                ];
            }
        }
        $ids = $all->modelKeys();

        return [...$nodes, ...self::runs($ids), ...self::trials($ids), ...self::ladders($ids), ...self::tastings($dish, $ids)];
    }

    /**
     * @param array<int, mixed> $versions
     *
     * @return list<Node>
     */
    private static function runs(array $versions): array
    {
        $query = Run::query();
        $query->with('revision:id,number')->whereIn('version_id', $versions)->orderBy('id')->limit(self::MOST);

        return array_values($query->get()->map(static fn(Run $run): array => self::node("m$run->id", 'run', "r$run->revision_id", "made, $run->portions portions", [], $run->started_at->toIso8601ZuluString(), $run->who, $run->finished_at === null ? 'not finished' : null, $run->version_id, $run->revision_id, $run->revision->number))->all());
    }

    /**
     * @param array<int, mixed> $versions
     *
     * @return list<Node>
     */
    private static function trials(array $versions): array
    {
        $query = Trial::query();
        $query->with('revision:id,number')->whereIn('version_id', $versions)->orderBy('id')->limit(self::MOST);

        return array_values($query->get()->map(static function (Trial $trial): array {
            $came = $trial->set_step === null ? null : Ladder::WORDS[$trial->set_step];
            $foretold = \is_string($trial->predicted['step'] ?? null) ? $trial->predicted['step'] : null;

            return self::node("t$trial->id", 'trial', $trial->run_id === null ? "r$trial->revision_id" : "m$trial->run_id", 'trial', array_values(array_filter([$trial->remark, $trial->next === '' ? '' : "next: $trial->next"])), $trial->made_on, $trial->who, $came === null ? $trial->verdict : $came . ($foretold === null || $foretold === $came ? ', as foretold' : ", foretold $foretold") . ($trial->verdict === null ? '' : "; $trial->verdict"), $trial->version_id, $trial->revision_id, $trial->revision->number);
        })->all());
    }

    /**
     * @param array<int, mixed> $versions
     *
     * @return list<Node>
     */
    private static function ladders(array $versions): array
    {
        $query = PotLadder::query();
        $query->with('revision:id,number')->whereIn('version_id', $versions)->orderBy('id')->limit(self::MOST);

        return array_values($query->get()->map(static function (PotLadder $ladder): array {
            $dose = $ladder->fit['dose']['value'] ?? null;
            $names = implode(' and ', array_column($ladder->design['agents'], 'name'));

            return self::node("l$ladder->id", 'ladder', "r$ladder->revision_id", 'pots of ' . mb_strtolower($names), [], $ladder->made_on, $ladder->who, $dose !== null ? \sprintf('%.2f %% found', $dose) : 'not judged', $ladder->version_id, $ladder->revision_id, $ladder->revision->number);
        })->all());
    }

    /**
     * @param array<int, mixed> $versions
     *
     * @return list<Node>
     */
    private static function tastings(Dish $dish, array $versions): array
    {
        $query = Tasting::query();
        $query->where('studio_id', $dish->studio_id)->orderBy('id')->limit(self::MOST);
        $nodes = [];
        foreach ($query->get() as $tasting) {
            foreach ($tasting->samples as $sample) {
                if (\in_array($sample['version_id'], $versions, true)) {
                    $nodes[] = self::node("p$tasting->id$sample[letter]", 'tasting', "r$sample[revision_id]", $tasting->title, [], $tasting->created_at->toDateString(), $tasting->who, $tasting->closed_at === null ? 'open' : 'closed', $sample['version_id'], $sample['revision_id'], null);
                }
            }
        }

        return $nodes;
    }

    /**
     * @param list<string> $words
     *
     * @return Node
     */
    private static function node(string $id, string $kind, ?string $parent, string $title, array $words, string $at, string $who, ?string $came, ?int $version, ?int $revision, ?int $number): array
    {
        return ['id' => $id, 'kind' => $kind, 'parent' => $parent, 'title' => $title, 'words' => $words, 'at' => $at, 'who' => $who, 'came' => $came, 'version_id' => $version, 'revision_id' => $revision, 'number' => $number, 'is_head' => false];
    }
}
