<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who may do what: people, the studios they work at and as what, their sessions, links and tokens; and what was done by whom. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->boolean('is_demo')->default(false);
            $table->timestamps();
        });
        Schema::create('memberships', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('role', 12);
            $table->timestamps();
            $table->unique(['user_id', 'studio_id']);
        });
        // A link is for one use: to join as something, or for one person to choose another password. Only its fingerprint is kept.
        Schema::create('links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('role', 12)->nullable();
            $table->char('fingerprint', 64)->unique();
            $table->timestamp('expires_at');
            $table->timestamp('used_at')->nullable();
            $table->timestamps();
        });
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('personal_access_tokens', static function (Blueprint $table): void {
            $table->id();
            $table->morphs('tokenable');
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('audits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('who', 80);
            $table->string('what', 60);
            $table->string('subject', 80)->default('');
            $table->unsignedInteger('from_revision')->nullable();
            $table->unsignedInteger('to_revision')->nullable();
            $table->char('request', 26);
            $table->timestamp('at', 3)->useCurrent();
            $table->index(['studio_id', 'id']);
        });
    }

    public function down(): void
    {
        foreach (['audits', 'personal_access_tokens', 'sessions', 'links', 'memberships', 'users'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};
