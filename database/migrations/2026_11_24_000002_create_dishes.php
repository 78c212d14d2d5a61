<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('dishes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('title', 160);
            $table->string('family', 20);
            $table->timestamps();
        });
        Schema::create('versions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignId('dish_id')->constrained()->cascadeOnDelete();
            $table->foreignId('parent_id')->nullable()->constrained('versions')->nullOnDelete();
            $table->string('name', 80);
            $table->json('brief');
            $table->json('formula');
            $table->json('origin');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->unique(['dish_id', 'name']);
        });
        Schema::create('trials', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignId('version_id')->constrained()->cascadeOnDelete();
            $table->date('made_on');
            $table->unsignedTinyInteger('set_step');
            $table->string('sweetness', 12);
            $table->string('sharpness', 12);
            $table->text('remark');
            $table->json('predicted');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('trials');
        Schema::dropIfExists('versions');
        Schema::dropIfExists('dishes');
    }
};
