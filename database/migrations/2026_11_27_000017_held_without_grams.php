<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How much of a thing a version holds is told by its formula alone: a second count of it was written with every change of a gram. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('version_ingredients', static fn(Blueprint $table) => $table->dropColumn('grams'));
    }

    public function down(): void
    {
        Schema::table('version_ingredients', static fn(Blueprint $table) => $table->double('grams')->default(0));
        foreach (DB::table('version_ingredients')->join('versions', 'versions.id', '=', 'version_ingredients.version_id')->select('version_id', 'slug', 'formula')->cursor() as $row) {
            /** @var array{layers?: list<array{lines?: list<array{ingredient?: ?string, grams?: float|int|null}>}>} $formula */
            $formula = json_decode((string) $row->formula, true, 64, JSON_THROW_ON_ERROR);
            $lines = array_merge(...array_map(static fn(array $layer): array => $layer['lines'] ?? [], $formula['layers'] ?? []));
            $grams = array_sum(array_map(static fn(array $line): float => ($line['ingredient'] ?? null) === $row->slug ? (float) ($line['grams'] ?? 0) : 0.0, $lines));
            DB::table('version_ingredients')->where('version_id', $row->version_id)->where('slug', $row->slug)->update(['grams' => $grams]);
        }
    }
};
