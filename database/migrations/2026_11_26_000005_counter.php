<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is next with a dish, by when and who is waited for; dishes put away; how many lines of a version are still open, so that a search can pass over them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->timestamp('away_at')->nullable();
            $table->index(['studio_id', 'title']);
        });
        Schema::table('versions', static fn(Blueprint $table) => $table->unsignedSmallInteger('open_lines')->default(0));
        foreach (DB::table('versions')->select(['id', 'formula'])->lazyById() as $version) {
            /** @var array{layers?: list<array{lines?: list<array{ingredient?: ?string, confidence?: string}>}>} $formula */
            $formula = json_decode((string) $version->formula, true, 64, \JSON_THROW_ON_ERROR);
            $lines = array_merge(...array_map(static fn(array $layer): array => $layer['lines'] ?? [], $formula['layers'] ?? []));
            $open = array_filter($lines, static fn(array $line): bool => ($line['ingredient'] ?? null) === null || ($line['confidence'] ?? '') === 'guess');
            DB::table('versions')->where('id', $version->id)->update(['open_lines' => count($open)]);
        }
        Schema::create('errands', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('dish_id');
            $table->string('words', 200);
            $table->date('due_on')->nullable();
            $table->string('waits_for', 80)->default('');
            $table->date('done_on')->nullable();
            $table->timestamps();
            $table->foreign(['studio_id', 'dish_id'])->references(['studio_id', 'id'])->on('dishes')->cascadeOnDelete();
            $table->index(['studio_id', 'done_on', 'due_on']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('errands');
        Schema::table('versions', static fn(Blueprint $table) => $table->dropColumn('open_lines'));
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->dropIndex(['studio_id', 'title']);
            $table->dropColumn('away_at');
        });
    }
};
