<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the kitchen learns: a trial says what was looked at and nothing else, of a revision and its run; factors somebody took over; ladders of pots;
 * tastings and their seats; exercises of a person.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('studios', static function (Blueprint $table): void {
            $table->json('factors')->nullable();
        });
        Schema::table('trials', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('set_step')->nullable()->change();
            $table->string('sweetness', 12)->nullable()->change();
            $table->string('sharpness', 12)->nullable()->change();
            $table->unsignedBigInteger('run_id')->nullable()->after('revision_id');
            $table->json('found')->nullable();
            $table->string('verdict', 12)->nullable();
            $table->string('next', 400)->default('');
            $table->json('corrections')->nullable();
            $table->unsignedInteger('edition')->default(1);
            $table->string('who', 120)->default('');
            $table->foreign(['studio_id', 'run_id'], 'trials_run')->references(['studio_id', 'id'])->on('runs')->restrictOnDelete();
        });
        // What was noted before stands as found of the layer it was foretold of.
        foreach (DB::table('trials')->get(['id', 'set_step', 'predicted']) as $trial) {
            $predicted = json_decode((string) $trial->predicted, true);
            $layer = \is_array($predicted) ? ($predicted['layer_id'] ?? null) : null;
            DB::table('trials')->where('id', $trial->id)->update([
                'found' => json_encode(['layers' => \is_string($layer) && $layer !== '' ? [['layer_id' => $layer, 'step_index' => (int) $trial->set_step, 'u' => $trial->set_step + 0.5, 'sd' => 0.289]] : [], 'grain' => null, 'ph' => null, 'brix' => null, 'height_mm' => null, 'weep_g' => null, 'colour' => null, 'cut' => null, 'keeps' => []]),
                'corrections' => '[]',
            ]);
        }
        Schema::create('trial_photos', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('studio_id');
            $table->unsignedBigInteger('trial_id');
            $table->string('words', 200)->default('');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            // As base64: it goes into an archive line by line.
            $table->mediumText('jpeg');
            $table->timestamps();
            $table->foreign(['studio_id', 'trial_id'])->references(['studio_id', 'id'])->on('trials')->cascadeOnDelete();
        });
        Schema::create('pot_ladders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('version_id');
            $table->unsignedBigInteger('revision_id');
            $table->string('layer_id', 26);
            $table->json('asked');
            $table->json('design');
            $table->json('found');
            $table->json('fit')->nullable();
            $table->date('made_on');
            $table->string('who', 120);
            $table->unsignedInteger('edition')->default(1);
            $table->timestamps();
            $table->unique(['studio_id', 'id']);
            $table->foreign(['studio_id', 'version_id'])->references(['studio_id', 'id'])->on('versions')->cascadeOnDelete();
            $table->foreign(['studio_id', 'revision_id'])->references(['studio_id', 'id'])->on('revisions')->cascadeOnDelete();
        });
        Schema::create('tastings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('title', 160);
            $table->string('method', 20);
            $table->json('plan');
            $table->json('samples');
            // What opens its table: nothing else is needed, and nothing else is opened.
            $table->string('code', 16)->unique();
            $table->string('who', 120);
            $table->timestamp('closed_at')->nullable();
            $table->unsignedInteger('edition')->default(1);
            $table->timestamps();
            $table->unique(['studio_id', 'id']);
        });
        Schema::create('tasting_seats', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('studio_id');
            $table->unsignedBigInteger('tasting_id');
            $table->unsignedSmallInteger('number');
            $table->json('served');
            $table->string('secret', 64)->nullable();
            $table->timestamp('acknowledged_at')->nullable();
            $table->json('answer')->nullable();
            $table->timestamp('answered_at')->nullable();
            $table->unique(['tasting_id', 'number']);
            $table->foreign(['studio_id', 'tasting_id'])->references(['studio_id', 'id'])->on('tastings')->cascadeOnDelete();
        });
        Schema::create('exercises', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('skill', 30);
            $table->json('question');
            $table->json('key');
            $table->json('answer')->nullable();
            $table->float('score')->nullable();
            $table->timestamp('answered_at')->nullable();
            $table->timestamps();
            $table->unique(['studio_id', 'id']);
            $table->index(['user_id', 'studio_id', 'skill']);
        });
    }

    public function down(): void
    {
        foreach (['exercises', 'tasting_seats', 'tastings', 'pot_ladders', 'trial_photos'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('trials', static function (Blueprint $table): void {
            $table->dropForeign('trials_run');
            $table->dropIndex('trials_run');
            $table->dropColumn(['run_id', 'found', 'verdict', 'next', 'corrections', 'edition', 'who']);
        });
        // What was never judged cannot stand where everything was.
        DB::table('trials')->whereNull('set_step')->orWhereNull('sweetness')->orWhereNull('sharpness')->delete();
        Schema::table('trials', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('set_step')->nullable(false)->change();
            $table->string('sweetness', 12)->nullable(false)->change();
            $table->string('sharpness', 12)->nullable(false)->change();
        });
        Schema::table('studios', static fn(Blueprint $table) => $table->dropColumn('factors'));
    }
};
