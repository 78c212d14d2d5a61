<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Runs: a revision that is made, and what happens while it is, each event once and never written over. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('revisions', static fn(Blueprint $table) => $table->unique(['studio_id', 'id'], 'revisions_of_studio'));
        Schema::create('runs', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('studio_id');
            $table->unsignedBigInteger('version_id');
            $table->unsignedBigInteger('revision_id');
            $table->foreignId('service_item_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedSmallInteger('portions');
            $table->string('who', 120);
            $table->timestamp('started_at');
            $table->timestamp('finished_at')->nullable();
            $table->unique(['studio_id', 'id']);
            $table->foreign(['studio_id', 'version_id'])->references(['studio_id', 'id'])->on('versions')->cascadeOnDelete();
            $table->foreign(['studio_id', 'revision_id'])->references(['studio_id', 'id'])->on('revisions')->cascadeOnDelete();
            $table->index(['studio_id', 'started_at']);
        });
        Schema::create('run_events', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('studio_id');
            $table->unsignedBigInteger('run_id');
            $table->char('client_id', 26);
            $table->string('kind', 12);
            $table->string('step', 12)->default('');
            $table->json('body');
            $table->char('at', 19);
            $table->string('who', 120);
            $table->timestamp('created_at');
            $table->unique(['run_id', 'client_id']);
            $table->foreign(['studio_id', 'run_id'])->references(['studio_id', 'id'])->on('runs')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('run_events');
        Schema::dropIfExists('runs');
        Schema::table('revisions', static fn(Blueprint $table) => $table->dropUnique('revisions_of_studio'));
    }
};
