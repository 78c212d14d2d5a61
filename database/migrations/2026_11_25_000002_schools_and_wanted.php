<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a studio, and a dish for itself, has chosen where practitioners disagree; what is wanted of a version's layers; a dish's looks for the list. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('studios', static fn(Blueprint $table) => $table->json('schools')->nullable());
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->json('schools')->nullable();
            $table->json('summary')->nullable();
            $table->index(['studio_id', 'id']);
        });
        Schema::table('versions', static function (Blueprint $table): void {
            $table->json('wanted')->nullable();
            $table->text('notes')->nullable();
        });
        DB::table('studios')->update(['schools' => '{}']);
        DB::table('dishes')->update(['schools' => '{}']);
        DB::table('versions')->update(['wanted' => '{}', 'notes' => '']);
    }

    public function down(): void
    {
        Schema::table('versions', static fn(Blueprint $table) => $table->dropColumn(['wanted', 'notes']));
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->dropIndex(['studio_id', 'id']);
            $table->dropColumn(['schools', 'summary']);
        });
        Schema::table('studios', static fn(Blueprint $table) => $table->dropColumn('schools'));
    }
};
