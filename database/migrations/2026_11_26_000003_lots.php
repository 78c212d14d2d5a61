<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lots that came in, and which trial was made of which: what a maker's recall is answered from. A lot that was used cannot be taken away. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('lots', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('slug', 80);
            $table->string('name', 160);
            $table->string('code', 60);
            $table->date('came_on')->nullable();
            $table->date('best_before')->nullable();
            $table->date('recalled_on')->nullable();
            $table->string('recall_reason', 400)->default('');
            $table->timestamps();
            $table->unique(['studio_id', 'slug', 'code']);
            $table->unique(['studio_id', 'id']);
        });
        Schema::table('trials', static fn(Blueprint $table) => $table->unique(['studio_id', 'id']));
        Schema::create('lot_trial', static function (Blueprint $table): void {
            $table->unsignedBigInteger('studio_id');
            $table->unsignedBigInteger('lot_id');
            $table->unsignedBigInteger('trial_id');
            $table->primary(['trial_id', 'lot_id']);
            $table->foreign(['studio_id', 'trial_id'])->references(['studio_id', 'id'])->on('trials')->cascadeOnDelete();
            $table->foreign(['studio_id', 'lot_id'])->references(['studio_id', 'id'])->on('lots')->restrictOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('lot_trial');
        Schema::dropIfExists('lots');
        Schema::table('trials', static fn(Blueprint $table) => $table->dropUnique(['studio_id', 'id']));
    }
};
