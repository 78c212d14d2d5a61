<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a studio's kitchen handles and shares; nothing until somebody has said it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('studios', static fn(Blueprint $table) => $table->json('kitchen')->nullable());
    }

    public function down(): void
    {
        Schema::table('studios', static fn(Blueprint $table) => $table->dropColumn('kitchen'));
    }
};
