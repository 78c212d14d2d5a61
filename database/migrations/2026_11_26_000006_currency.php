<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a studio reckons its costs in; prices stand in it as they are typed, and are never converted. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('studios', static fn(Blueprint $table) => $table->char('currency', 3)->default('EUR'));
    }

    public function down(): void
    {
        Schema::table('studios', static fn(Blueprint $table) => $table->dropColumn('currency'));
    }
};
