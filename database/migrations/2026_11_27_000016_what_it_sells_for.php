<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What hands, heat and packaging cost a studio, the tax it names, and what a portion of a version sells for. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('studios', static fn(Blueprint $table) => $table->json('rates')->nullable());
        Schema::table('versions', static fn(Blueprint $table) => $table->unsignedInteger('sells_minor')->nullable());
    }

    public function down(): void
    {
        Schema::table('studios', static fn(Blueprint $table) => $table->dropColumn('rates'));
        Schema::table('versions', static fn(Blueprint $table) => $table->dropColumn('sells_minor'));
    }
};
