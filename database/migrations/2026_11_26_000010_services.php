<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Services: when, in what kitchen, who comes, which versions for how many, and what has been begun, done or locked of their steps. Moments are
 * those of the clock on the kitchen's wall, without an offset, as text that sorts.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('services', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision')->default(1);
            $table->string('name', 160);
            $table->char('serve_at', 16);
            $table->json('kitchen');
            $table->json('guests');
            $table->decimal('margin', 8, 3)->default(0);
            $table->char('items_are', 32)->default('')->comment('fingerprint of its items: another list is a change of the service');
            $table->timestamps();
            $table->unique(['studio_id', 'id']);
            $table->index(['studio_id', 'serve_at']);
        });
        Schema::create('service_items', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('studio_id');
            $table->unsignedBigInteger('service_id');
            $table->unsignedBigInteger('version_id');
            $table->unsignedSmallInteger('position');
            $table->unsignedSmallInteger('portions');
            $table->string('diet', 20)->nullable();
            $table->unique(['studio_id', 'id']);
            $table->foreign(['studio_id', 'service_id'])->references(['studio_id', 'id'])->on('services')->cascadeOnDelete();
            $table->foreign(['studio_id', 'version_id'])->references(['studio_id', 'id'])->on('versions')->cascadeOnDelete();
        });
        Schema::create('service_steps', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('studio_id');
            $table->unsignedBigInteger('service_item_id');
            $table->string('step', 12);
            $table->unsignedSmallInteger('batch')->default(0);
            $table->string('state', 8);
            $table->char('at', 19);
            $table->unsignedSmallInteger('unit')->nullable();
            $table->string('who', 120);
            $table->unique(['service_item_id', 'step', 'batch']);
            $table->foreign(['studio_id', 'service_item_id'])->references(['studio_id', 'id'])->on('service_items')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('service_steps');
        Schema::dropIfExists('service_items');
        Schema::dropIfExists('services');
    }
};
