<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A version's method in its makers' own words, and the studio's own measures. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('versions', static fn(Blueprint $table) => $table->json('method')->nullable()->after('notes'));
        Schema::table('studios', static fn(Blueprint $table) => $table->json('measures')->nullable()->after('kitchen'));
    }

    public function down(): void
    {
        Schema::table('versions', static fn(Blueprint $table) => $table->dropColumn('method'));
        Schema::table('studios', static fn(Blueprint $table) => $table->dropColumn('measures'));
    }
};
