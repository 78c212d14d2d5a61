<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which lot a line was weighed from, so that a recall names what was made of it at the stove as well. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('run_events', static function (Blueprint $table): void {
            $table->unsignedBigInteger('lot_id')->nullable()->after('step');
            $table->foreign(['studio_id', 'lot_id'], 'run_events_lot')->references(['studio_id', 'id'])->on('lots')->restrictOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('run_events', static function (Blueprint $table): void {
            $table->dropForeign('run_events_lot');
            $table->dropIndex('run_events_lot');
            $table->dropColumn('lot_id');
        });
    }
};
