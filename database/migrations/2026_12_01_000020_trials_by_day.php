<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The Notebook sorts trials by day, and the Counter asks of each whether it came out as foretold: both are found by an index and not by reading every prediction. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('trials', static function (Blueprint $table): void {
            $table->tinyInteger('foretold_step')->nullable()->storedAs("json_value(predicted, '$.step_index')");
            $table->index(['studio_id', 'made_on', 'id']);
            $table->index(['version_id', 'foretold_step', 'set_step']);
        });
    }

    public function down(): void
    {
        Schema::table('trials', static function (Blueprint $table): void {
            $table->dropIndex(['version_id', 'foretold_step', 'set_step']);
            $table->dropIndex(['studio_id', 'made_on', 'id']);
            $table->dropColumn('foretold_step');
        });
    }
};
