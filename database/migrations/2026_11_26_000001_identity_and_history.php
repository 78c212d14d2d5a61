<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * Layers, lines and steps get ids; a version becomes a chain of revisions that are never written over. `heads` says which of them a version
 * stands at, `aims` which of the original's it is balanced against; both, and every trial, can only point at a revision of the right version.
 * The columns of a version are the state of its head. What each version holds stands in a table of its own, to be asked which dishes hold a thing.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignId('version_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->foreignId('parent_id')->nullable()->constrained('revisions')->cascadeOnDelete();
            $table->string('kind', 20);
            $table->json('words');
            $table->string('author', 80);
            $table->json('formula');
            $table->json('shelf');
            $table->json('brief');
            $table->json('wanted');
            $table->timestamp('created_at', 3)->useCurrent();
            $table->unique(['version_id', 'number']);
            $table->unique(['version_id', 'id']);
        });
        Schema::create('heads', static function (Blueprint $table): void {
            $table->foreignId('version_id')->primary();
            $table->unsignedBigInteger('revision_id');
            $table->foreign(['version_id', 'revision_id'])->references(['version_id', 'id'])->on('revisions')->cascadeOnDelete();
        });
        Schema::create('aims', static function (Blueprint $table): void {
            $table->foreignId('version_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('original_id');
            $table->unsignedBigInteger('revision_id');
            $table->foreign(['original_id', 'revision_id'])->references(['version_id', 'id'])->on('revisions')->cascadeOnDelete();
        });
        Schema::create('version_ingredients', static function (Blueprint $table): void {
            $table->foreignId('version_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('studio_id');
            $table->string('slug', 80);
            $table->double('grams');
            $table->primary(['version_id', 'slug']);
            $table->index(['studio_id', 'slug']);
        });
        Schema::table('trials', static fn(Blueprint $table) => $table->unsignedBigInteger('revision_id')->nullable());
        self::bringOver();
        Schema::table('trials', static function (Blueprint $table): void {
            $table->unsignedBigInteger('revision_id')->nullable(false)->change();
            $table->foreign(['version_id', 'revision_id'])->references(['version_id', 'id'])->on('revisions')->cascadeOnDelete();
        });
        // A dish, its versions and their trials are of one studio, and nothing can say otherwise.
        Schema::table('dishes', static fn(Blueprint $table) => $table->unique(['studio_id', 'id']));
        Schema::table('versions', static function (Blueprint $table): void {
            $table->unique(['studio_id', 'id']);
            $table->foreign(['studio_id', 'dish_id'])->references(['studio_id', 'id'])->on('dishes')->cascadeOnDelete();
        });
        foreach (['trials', 'revisions', 'version_ingredients'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->foreign(['studio_id', 'version_id'])->references(['studio_id', 'id'])->on('versions')->cascadeOnDelete());
        }
    }

    public function down(): void
    {
        foreach (['version_ingredients', 'revisions', 'trials'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropForeign(['studio_id', 'version_id']));
        }
        Schema::table('versions', static function (Blueprint $table): void {
            $table->dropForeign(['studio_id', 'dish_id']);
            $table->dropUnique(['studio_id', 'id']);
        });
        Schema::table('dishes', static fn(Blueprint $table) => $table->dropUnique(['studio_id', 'id']));
        Schema::table('trials', static function (Blueprint $table): void {
            $table->dropForeign(['version_id', 'revision_id']);
            $table->dropColumn('revision_id');
        });
        foreach (['version_ingredients', 'aims', 'heads', 'revisions'] as $name) {
            Schema::dropIfExists($name);
        }
    }

    /** What stands in the tables today: every version gets ids and its first revision, by whoever the studio is. */
    private static function bringOver(): void
    {
        $studios = DB::table('studios')->pluck('name', 'id');
        foreach (DB::table('dishes')->orderBy('id')->pluck('id') as $dish) {
            $known = [];
            $original = null;
            foreach (DB::table('versions')->where('dish_id', $dish)->orderBy('id')->get() as $version) {
                /** @var array<string, mixed> $formula */
                $formula = json_decode((string) $version->formula, true, 64, \JSON_THROW_ON_ERROR);
                [$formula, $keys] = self::told($formula, $known);
                /** @var array<string, mixed> $wanted */
                $wanted = json_decode((string) ($version->wanted ?? '{}'), true, 16, \JSON_THROW_ON_ERROR) ?: [];
                $wanted = (object) array_combine(array_map(static fn(int|string $key): string => $keys[$key] ?? (string) $key, array_keys($wanted)), $wanted);
                $state = ['formula' => json_encode($formula, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE), 'wanted' => json_encode($wanted, \JSON_THROW_ON_ERROR)];
                DB::table('versions')->where('id', $version->id)->update($state);
                $revision = DB::table('revisions')->insertGetId([
                    'studio_id' => $version->studio_id, 'version_id' => $version->id, 'number' => 1, 'parent_id' => null, 'kind' => 'brought over',
                    'words' => json_encode(['As it stood when history began']), 'author' => $studios[$version->studio_id] ?? '', ...$state,
                    'shelf' => $version->shelf ?? '{}', 'brief' => $version->brief, 'created_at' => $version->updated_at ?? now(),
                ]);
                DB::table('heads')->insert(['version_id' => $version->id, 'revision_id' => $revision]);
                DB::table('trials')->where('version_id', $version->id)->update(['revision_id' => $revision]);
                if ($original === null) {
                    $original = ['id' => $version->id, 'revision' => $revision];
                } else {
                    DB::table('aims')->insert(['version_id' => $version->id, 'original_id' => $original['id'], 'revision_id' => $original['revision']]);
                }
                $holds = [];
                foreach ($formula['layers'] as $layer) {
                    foreach ($layer['lines'] as $line) {
                        if (\is_string($line['ingredient'] ?? null)) {
                            $holds[$line['ingredient']] = ($holds[$line['ingredient']] ?? 0.0) + (float) ($line['grams'] ?? 0.0);
                        }
                    }
                }
                foreach ($holds as $slug => $grams) {
                    DB::table('version_ingredients')->insert(['version_id' => $version->id, 'studio_id' => $version->studio_id, 'slug' => $slug, 'grams' => $grams]);
                }
            }
        }
    }

    /**
     * A formula with ids: what has the name of a layer of the dish's earlier versions is that layer, what is the same ingredient in it that line.
     *
     * @param array<string, mixed> $formula
     * @param array<string, array{id: string, lines: array<string, string>}> $known ids by the layer's key, added to
     *
     * @return array{array<string, mixed>, array<string, string>} the formula, and the layers' ids by the keys they had
     */
    private static function told(array $formula, array &$known): array
    {
        $keys = [];
        $layers = \is_array($formula['layers'] ?? null) ? $formula['layers'] : [];
        foreach ($layers as $n => $layer) {
            $key = (string) ($layer['name'] ?? '');
            for ($more = 2, $one = $key; isset($keys[$one]); ++$more) {
                $one = "$key ($more)";
            }
            $known[$one] ??= ['id' => (string) Str::ulid(), 'lines' => []];
            $keys[$one] = $known[$one]['id'];
            $seen = $lines = [];
            foreach ($layer['lines'] ?? [] as $line) {
                $what = (string) ($line['ingredient'] ?? $line['text'] ?? '');
                for ($more = 2, $same = $what; isset($seen[$same]); ++$more) {
                    $same = "$what ($more)";
                }
                $seen[$same] = true;
                $known[$one]['lines'][$same] ??= (string) Str::ulid();
                $lines[] = ['id' => $known[$one]['lines'][$same]] + $line;
            }
            $layers[$n] = ['id' => $keys[$one]] + ['lines' => $lines] + $layer;
        }
        $formula['layers'] = array_values($layers);
        $formula['method'] = array_values(array_map(static fn(mixed $step): array => ['id' => (string) Str::ulid(), 'text' => \is_array($step) ? (string) ($step['text'] ?? '') : (string) $step], \is_array($formula['method'] ?? null) ? $formula['method'] : []));

        return [$formula, $keys];
    }
};
