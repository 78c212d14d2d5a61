<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('studios', static function (Blueprint $table): void {
            $table->id();
            $table->string('slug', 60)->unique();
            $table->string('name', 120);
            $table->timestamps();
        });
        Schema::create('shelf_ingredients', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('slug', 80);
            $table->string('name', 160);
            $table->json('content');
            $table->timestamps();
            $table->unique(['studio_id', 'slug']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shelf_ingredients');
        Schema::dropIfExists('studios');
    }
};
