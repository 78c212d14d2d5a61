<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is made for a service must be free for all the diets of those it serves, not for the first of them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('service_items', static function (Blueprint $table): void {
            $table->json('diets')->default('[]');
        });
        DB::statement('update service_items set diets = json_array(diet) where diet is not null');
        Schema::table('service_items', static function (Blueprint $table): void {
            $table->dropColumn('diet');
        });
    }

    public function down(): void
    {
        Schema::table('service_items', static function (Blueprint $table): void {
            $table->string('diet', 20)->nullable();
        });
        DB::statement("update service_items set diet = json_unquote(json_extract(diets, '$[0]')) where json_length(diets) > 0");
        Schema::table('service_items', static function (Blueprint $table): void {
            $table->dropColumn('diets');
        });
    }
};
