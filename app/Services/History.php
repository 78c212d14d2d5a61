<?php

declare(strict_types=1);

namespace App\Services;

use App\Exceptions\Conflict;
use App\Models\Revision;
use App\Models\Version;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\FormulaChanges;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Identity;

/**
 * The one way a version is written: every change is a revision of its own, and where the version stands among them is its head. Going back
 * and forth moves the head; a change after going back begins another branch, and what was there stays to be restored.
 */
final readonly class History
{
    public function __construct(private VersionShelf $shelves, private StudioShelf $shelf) {}

    /** The formula with an id for everything that is new in it. */
    public static function identified(Formula $formula): Formula
    {
        return Identity::complete($formula, static fn(): string => (string) Str::ulid());
    }

    /**
     * A version and its first revision. Called in a transaction.
     *
     * @param array{studio_id: int, dish_id: int, parent_id: ?int, name: string, brief: array<string, mixed>, formula: Formula, origin: array<string, mixed>} $of
     * @param array<string, string> $seen states of ingredients it was computed with before
     * @param list<string> $words
     */
    public function born(array $of, string $kind, array $words, array $seen = []): Version
    {
        $formula = self::identified($of['formula']);
        $version = Version::query()->create(['shelf' => $this->shelves->stamp($formula, $seen), 'revision' => 1, ...$of, 'formula' => $formula]);
        $this->record($version, null, $kind, $words);
        if ($of['parent_id'] !== null) {
            $this->aim($version);
        }

        return $version;
    }

    /**
     * Changes a version; refused when another window changed it first. What changes nothing makes no revision.
     *
     * @param callable(Version): array<string, mixed> $change attributes of it, from the version as it is held
     */
    public function write(Version $version, int $lock, string $kind, callable $change): Version
    {
        return $this->held($version, $lock, function (Version $held, Head $head) use ($kind, $change): void {
            $new = $change($held);
            if (($new['formula'] ?? null) instanceof Formula) {
                $new['formula'] = self::identified($new['formula']);
            }
            $held->fill($new);
            $words = $this->words($head, $held);
            if ($words === []) {
                return;
            }
            $this->record($held, $head, $kind, $words);
        });
    }

    /** One step back or forth in its history. */
    public function step(Version $version, int $lock, bool $isBack): Version
    {
        return $this->held($version, $lock, function (Version $held, Head $head) use ($isBack): void {
            $query = self::revisions($held);
            $isBack ? $query->whereKey($head->parent ?? 0) : $query->where('parent_id', $head->id)->orderByDesc('number');
            $to = $query->first();
            if ($to === null) {
                throw Nonsense::of('history', $isBack ? 'back' : 'forth', $isBack ? 'nothing was done before this' : 'nothing was taken back after this');
            }
            $this->stand($held, $head, $to);
        });
    }

    /** An earlier state, taken again as a new revision. */
    public function restore(Version $version, int $lock, int $number): Version
    {
        return $this->held($version, $lock, function (Version $held, Head $head) use ($number): void {
            $from = self::numbered($held, $number);
            $held->fill(['formula' => $from->formula, 'shelf' => $from->shelf, 'brief' => $from->brief, 'wanted' => $from->wanted]);
            $words = $this->words($head, $held);
            if ($words !== []) {
                $this->record($held, $head, 'restored', ["Restored revision $number", ...$words]);
            }
        });
    }

    /** Aims a version at the original as it stands now, or at one of its revisions. */
    public function aim(Version $version, ?int $number = null): void
    {
        $original = $version->original();
        $revision = ($number === null ? self::head($original) : self::numbered($original, $number))->id;
        DB::table('aims')->upsert([['version_id' => $version->id, 'original_id' => $original->id, 'revision_id' => $revision]], ['version_id'], ['original_id', 'revision_id']);
    }

    /** @throws \Illuminate\Database\Eloquent\ModelNotFoundException if it has no such revision */
    public static function numbered(Version $version, int $number): Revision
    {
        $query = self::revisions($version);
        $query->where('revisions.number', $number);

        return $query->firstOrFail();
    }

    /** @return Builder<Revision> */
    public static function revisions(Version $version): Builder
    {
        $query = Revision::query();
        $query->where('revisions.version_id', $version->id);

        return $query;
    }

    /** The revision it stands at. */
    public static function head(Version $version): Revision
    {
        $query = self::revisions($version);
        $query->select('revisions.*')->join('heads', 'heads.revision_id', '=', 'revisions.id');

        return $query->firstOrFail();
    }

    /** @param callable(Version, Head): void $change */
    private function held(Version $version, int $lock, callable $change): Version
    {
        /** @var Version $held */
        $held = DB::transaction(static function () use ($version, $lock, $change): Version {
            $query = Version::query();
            // With where it stands in its history, in one go: a save is what is waited for most.
            $query->lockForUpdate()->select('versions.*', 'revisions.id as head_id', 'revisions.parent_id as head_parent', DB::raw('(select max(number) from revisions as every where every.version_id = versions.id) as head_last'));
            $query->join('heads', 'heads.version_id', '=', 'versions.id')->join('revisions', 'revisions.id', '=', 'heads.revision_id');
            $held = $query->findOrFail($version->id);
            if ($held->revision !== $lock) {
                throw new Conflict($held->revision, $held->id);
            }
            $change($held, Head::takenFrom($held));

            return $held;
        });

        return $held->opened();
    }

    /** @return list<string> what differs from the state it stood at */
    private function words(Head $head, Version $now): array
    {
        /** @var list<string> $words */
        $words = (new FormulaChanges($this->shelf->shelf()))->between($head->formula, $now->formula);
        $names = array_combine(array_column($now->formula->layers, 'id'), array_column($now->formula->layers, 'name'));
        foreach (array_keys($head->wanted + $now->wanted) as $layer) {
            if (!self::isSame($head->wanted[$layer] ?? [], $now->wanted[$layer] ?? [])) {
                $told = array_map(static fn(string $property, float|int $value): string => \sprintf('%s %g', $property, $value), array_keys($now->wanted[$layer] ?? []), $now->wanted[$layer] ?? []);
                $words[] = \sprintf('%s: %s', $names[$layer] ?? $layer, $told === [] ? 'nothing wanted by hand any more' : 'wanted by hand: ' . implode(', ', $told));
            }
        }
        if (!self::isSame(array_intersect_key($head->shelf, $now->shelf), array_intersect_key($now->shelf, $head->shelf))) {
            $words[] = 'Read with today’s shelf';
        }
        if (!self::isSame($head->brief, $now->brief)) {
            $words[] = 'Brief changed';
        }

        return $words;
    }

    /**
     * Whether two maps hold the same; what comes back from the store has whole floats as integers and keys in any order.
     *
     * @param array<array-key, mixed> $a
     * @param array<array-key, mixed> $b
     */
    private static function isSame(array $a, array $b): bool
    {
        ksort($a);
        ksort($b);

        return json_decode((string) json_encode($a), true) === json_decode((string) json_encode($b), true);
    }

    /** @param list<string> $words */
    private function record(Version $version, ?Head $head, string $kind, array $words): void
    {
        if ($head !== null) {
            ++$version->revision;
            $version->save();
        }
        // The state is what the version's row now holds, as it stands there.
        $state = array_intersect_key($version->getAttributes(), ['studio_id' => 1, 'formula' => 1, 'shelf' => 1, 'brief' => 1, 'wanted' => 1]);
        $id = DB::table('revisions')->insertGetId($state + [
            'version_id' => $version->id, 'number' => 1 + (int) $head?->last, 'parent_id' => $head?->id, 'kind' => $kind, 'words' => json_encode($words, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'author' => $this->shelf->author(), 'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        $this->headed($version, $id, $head?->formula);
    }

    /** The version as it was at a revision that is there already. */
    private function stand(Version $version, Head $head, Revision $at): void
    {
        $version->fill(['formula' => $at->formula, 'shelf' => $at->shelf, 'brief' => $at->brief, 'wanted' => $at->wanted, 'revision' => $version->revision + 1])->save();
        $this->headed($version, $at->id, $head->formula);
    }

    /** @param ?Formula $was what the version held before; null where it is new */
    private function headed(Version $version, int $revision, ?Formula $was): void
    {
        $heads = DB::table('heads');
        $was === null ? $heads->insert(['version_id' => $version->id, 'revision_id' => $revision]) : $heads->where('version_id', $version->id)->update(['revision_id' => $revision]);
        // What changes by grams alone changes neither what it holds nor what its dish is called: nothing of that is written again.
        $had = $was?->holds() ?? [];
        $holds = $version->formula->holds();
        $gone = array_diff_key($had, $holds);
        if ($gone !== []) {
            DB::table('version_ingredients')->where('version_id', $version->id)->whereIn('slug', array_map(strval(...), array_keys($gone)))->delete();
        }
        $version->hold(array_diff_key($holds, $had));
        $called = static fn(?Formula $formula): array => ['title' => $formula?->title, 'family' => $formula?->family->value];
        if ($version->parent_id === null && $called($was) !== $called($version->formula)) {
            // The dish is called what its original is.
            DB::table('dishes')->where('id', $version->dish_id)->update($called($version->formula));
        }
    }
}
