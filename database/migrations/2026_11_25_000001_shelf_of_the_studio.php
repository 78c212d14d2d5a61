<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The reference shelf apart from what a studio adds or sees differently; every state of a row that a version was computed with; what
 * packets proved. Reference rows are brought in by `shelf:sync`; the rows of the table before held nothing else.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::dropIfExists('shelf_ingredients');
        Schema::create('reference_ingredients', static function (Blueprint $table): void {
            $table->id();
            $table->string('slug', 80)->unique();
            $table->string('name', 160);
            $table->char('hash', 32);
            $table->json('content');
            $table->timestamps();
        });
        Schema::create('own_ingredients', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('slug', 80);
            $table->string('name', 160);
            $table->char('hash', 32);
            $table->json('packet');
            $table->json('content');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->unique(['studio_id', 'slug']);
        });
        Schema::create('ingredient_states', static function (Blueprint $table): void {
            $table->char('hash', 32)->primary();
            $table->string('slug', 80);
            $table->json('content');
        });
        Schema::create('evidences', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('slug', 80);
            $table->string('diet', 20);
            $table->boolean('meets');
            $table->string('note', 400);
            $table->date('seen_on');
            $table->date('expires_on')->nullable();
            $table->string('who', 80);
            $table->timestamps();
            $table->index(['studio_id', 'slug']);
        });
        Schema::table('studios', static function (Blueprint $table): void {
            $table->unsignedInteger('shelf_revision')->default(1);
        });
        Schema::table('versions', static function (Blueprint $table): void {
            $table->json('shelf')->nullable();
        });
        DB::table('versions')->update(['shelf' => '{}']);
    }

    public function down(): void
    {
        Schema::table('versions', static fn(Blueprint $table) => $table->dropColumn('shelf'));
        Schema::table('studios', static fn(Blueprint $table) => $table->dropColumn('shelf_revision'));
        foreach (['evidences', 'ingredient_states', 'own_ingredients', 'reference_ingredients'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};
