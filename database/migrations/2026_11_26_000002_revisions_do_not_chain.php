<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A revision goes with its version, not with the revision before it: a chain of cascades is cut off by the store after fifteen, and a dish with a
 * longer history could not be taken away.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropForeign(['parent_id']);
            $table->foreign('parent_id')->references('id')->on('revisions')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropForeign(['parent_id']);
            $table->foreign('parent_id')->references('id')->on('revisions')->cascadeOnDelete();
        });
    }
};
