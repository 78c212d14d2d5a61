<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is removed stays until it is removed for good: it can be brought back. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->softDeletes();
            $table->index(['studio_id', 'deleted_at']);
        });
        Schema::table('versions', static fn(Blueprint $table) => $table->softDeletes());
    }

    public function down(): void
    {
        Schema::table('dishes', static function (Blueprint $table): void {
            $table->dropIndex(['studio_id', 'deleted_at']);
            $table->dropSoftDeletes();
        });
        Schema::table('versions', static fn(Blueprint $table) => $table->dropSoftDeletes());
    }
};
