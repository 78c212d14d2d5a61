<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whatever two windows may change counts its changes, so that neither overwrites what it has not seen. Of a version, `said` counts its name and notes. */
return new class extends Migration {
    private const TABLES = ['dishes' => 'revision', 'errands' => 'revision', 'lots' => 'revision', 'memberships' => 'revision', 'studios' => 'revision', 'versions' => 'said'];

    public function up(): void
    {
        foreach (self::TABLES as $table => $column) {
            Schema::table($table, static fn(Blueprint $of) => $of->unsignedInteger($column)->default(1));
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table => $column) {
            Schema::table($table, static fn(Blueprint $of) => $of->dropColumn($column));
        }
    }
};
