<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What suppliers sell, in which packs, for how much, as of a day. The lists before stay, so that it can be told what changed. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('price_lists', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('supplier', 120);
            $table->date('dated_on');
            $table->json('articles');
            $table->timestamps();
            $table->unique(['studio_id', 'supplier', 'dated_on']);
            $table->unique(['studio_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('price_lists');
    }
};
