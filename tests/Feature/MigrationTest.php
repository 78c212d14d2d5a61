<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Version;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A store filled before identity and history came is brought over with nothing lost. */
final class MigrationTest extends FeatureCase
{
    protected function tearDown(): void
    {
        RefreshDatabaseState::$migrated = false;
        parent::tearDown();
    }

    public function testAFilledStoreOfTheShapeBeforeIsBroughtOver(): void
    {
        $was = $this->asItWas();
        // What later tables hold on to goes before it.
        foreach (['2026_11_27_000015_learning', '2026_11_27_000014_price_lists', '2026_11_27_000013_own_methods', '2026_11_27_000012_lots_of_runs', '2026_11_26_000011_runs', '2026_11_26_000010_services', '2026_11_26_000001_identity_and_history'] as $migration) {
            Artisan::call('migrate:rollback', ['--path' => "database/migrations/$migration.php"]);
        }
        self::assertFalse(Schema::hasTable('revisions'));
        foreach ($was as $id => $old) {
            DB::table('versions')->where('id', $id)->update(['formula' => json_encode($old['formula']), 'wanted' => json_encode($old['wanted'])]);
        }
        $trials = DB::table('trials')->count();
        self::assertGreaterThan(0, $trials);
        Artisan::call('migrate');

        self::assertSame(\count($was), DB::table('versions')->count());
        self::assertSame(\count($was), DB::table('revisions')->count());
        self::assertSame($trials, DB::table('trials')->whereNotNull('revision_id')->count());
        foreach (Dish::query()->with('versions')->get() as $dish) {
            $ids = array_column($dish->versions[0]->formula->layers, 'id', 'name');
            foreach ($dish->versions as $version) {
                $now = json_decode((string) DB::table('versions')->where('id', $version->id)->value('formula'), true);
                self::assertSame($was[$version->id]['formula'], self::bare($now), "$dish->title, $version->name");
                self::assertSame(json_encode($now), json_encode(json_decode((string) DB::table('revisions')->where('version_id', $version->id)->value('formula'), true)));
                $all = [];
                foreach ($version->formula->layers as $layer) {
                    self::assertSame($ids[$layer->name] ?? $layer->id, $layer->id, 'a layer is the original’s of its name');
                    $all = [...$all, $layer->id, ...array_column($layer->lines, 'id')];
                }
                self::assertNotContains('', $all);
                self::assertCount(\count($all), array_unique($all));
                self::assertSame($version->parent_id === null ? 0 : 1, DB::table('aims')->where('version_id', $version->id)->count());
                $this->getJson("/api/versions/$version->id")->assertOk()->assertJsonPath('version.standing', ['number' => 1, 'can_undo' => false, 'can_redo' => false]);
            }
        }
        $wished = Version::query()->where('name', 'Vegan 1')->orderBy('id')->firstOrFail();
        self::assertSame([$wished->formula->layers[1]->id => ['sweetness' => 22]], $wished->wanted);
    }

    /** @return array<int, array{formula: array<string, mixed>, wanted: array<string, mixed>}> every version as the store held it before, by id */
    private function asItWas(): array
    {
        $was = [];
        $isFirst = true;
        foreach (DB::table('versions')->orderBy('id')->get() as $row) {
            $formula = self::bare((array) json_decode((string) $row->formula, true));
            $isWished = $row->name === 'Vegan 1' && $isFirst;
            $isFirst = $isFirst && !$isWished;
            $was[(int) $row->id] = ['formula' => $formula, 'wanted' => $isWished ? [$formula['layers'][1]['name'] => ['sweetness' => 22]] : []];
        }

        return $was;
    }

    /**
     * @param array<string, mixed> $formula
     *
     * @return array<string, mixed> without ids, its method as texts
     */
    private static function bare(array $formula): array
    {
        foreach ($formula['layers'] as $n => $layer) {
            unset($layer['id']);
            foreach ($layer['lines'] as $at => $line) {
                unset($line['id']);
                $layer['lines'][$at] = $line;
            }
            ksort($layer);
            $formula['layers'][$n] = $layer;
        }
        $formula['method'] = array_map(static fn(array|string $step): string => \is_array($step) ? $step['text'] : $step, $formula['method']);

        return $formula;
    }
}
