<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * One address has one spelling; a seat knows from where it was taken, so that one hand takes one; what was written down of who did what is written over by
 * nobody; what is taken away (dinners, ladders, tastings, lots, price lists) goes to the drawer first.
 */
return new class extends Migration {
    private const DRAWER = ['services', 'pot_ladders', 'tastings', 'lots', 'price_lists'];

    public function up(): void
    {
        DB::statement('alter table users modify email varchar(190) character set utf8mb4 collate utf8mb4_bin not null');
        Schema::table('tasting_seats', static function (Blueprint $table): void {
            $table->string('holder', 64)->nullable();
            $table->string('place', 64)->nullable();
        });
        foreach (self::DRAWER as $name) {
            if (!Schema::hasColumn($name, 'deleted_at')) {
                Schema::table($name, static function (Blueprint $table): void {
                    $table->timestamp('deleted_at')->nullable();
                });
            }
        }
        foreach (['update', 'delete'] as $what) {
            DB::unprepared("create trigger audits_no_$what before $what on audits for each row signal sqlstate '45000' set message_text = 'what was written down is not written over'");
        }
    }

    public function down(): void
    {
        foreach (['update', 'delete'] as $what) {
            DB::unprepared("drop trigger if exists audits_no_$what");
        }
        foreach (self::DRAWER as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('deleted_at');
            });
        }
        Schema::table('tasting_seats', static function (Blueprint $table): void {
            $table->dropColumn(['holder', 'place']);
        });
        DB::statement('alter table users modify email varchar(190) character set utf8mb4 collate utf8mb4_unicode_ci not null');
    }
};
