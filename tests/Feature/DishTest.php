<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Studio;
use App\Models\Version;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

final class DishTest extends FeatureCase
{
    public function testRunsOnMariaDb(): void
    {
        self::assertSame('mariadb', DB::connection()->getDriverName());
        self::assertStringContainsString('MariaDB', (string) DB::selectOne('select version() v')?->v);
    }

    public function testTheCounterShowsTheDemoDishesWithTheirVersions(): void
    {
        $dishes = $this->getJson('/api/dishes')->assertOk()->json();
        self::assertCount(10, $dishes);
        self::assertContains('Passion-fruit curd tartlet', array_column((array) $dishes, 'title'));
        foreach ($dishes as $dish) {
            self::assertGreaterThanOrEqual(2, count($dish['versions']), $dish['title']);
            self::assertSame(0, $dish['unresolved']);
            self::assertGreaterThan(20, $dish['portion_g']);
        }
    }

    public function testATypedDishIsKeptWithItsFormulaAndTraces(): void
    {
        $id = $this->postJson('/api/dishes', ['text' => "title: Lime pot\nfamily: curd\nportions: 4\nlayer: Filling\n1/2 cup lime juice\n4 egg yolks\na wisp of cloud", 'measures' => 'us'])
            ->assertCreated()->assertJsonPath('title', 'Lime pot')->assertJsonPath('unresolved', 1)->json('versions.0.id');
        $this->getJson("/api/versions/$id")->assertOk()
            ->assertJsonPath('version.name', 'Original')
            ->assertJsonPath('now.formula.layers.0.lines.0.trace', '0.5 cup → 118.3 mL × 1.03 g/mL = 121.8 g')
            ->assertJsonPath('now.formula.layers.0.lines.2.text', 'a wisp of cloud')
            ->assertJsonPath('now.reading.unresolved.0.text', 'a wisp of cloud');
    }

    /** @return array<string, array{string, string, string}> */
    public static function refusals(): array
    {
        return [
            'nothing' => ['', 'nothing to save', 'text'],
            'headings only' => ["title: x\nlayer: y", 'no ingredient line', 'line 1'],
            'no line understood' => ['three wisps of cloud', 'no ingredient line', 'line 1'],
            'ten thousand lines' => [str_repeat("1 g sugar\n", 10000), 'at most 400', 'line 401'],
            'an impossible treatment' => ["layer: a\ntreat: frobnicate\n5 g sugar", 'cannot be read as treat', 'line 2'],
        ];
    }

    #[DataProvider('refusals')]
    public function testWhatCannotBeADishIsRefusedWithPlaceAndMendAndNothingIsKept(string $text, string $says, string $field): void
    {
        $before = Dish::query()->count();
        $answer = $this->postJson('/api/dishes', ['text' => $text])->assertUnprocessable()->assertHeader('Content-Type', 'application/problem+json')->json();
        self::assertStringContainsString($says, $answer['detail']);
        self::assertSame($field, $answer['field']);
        self::assertNotSame('', $answer['mend']);
        self::assertSame($before, Dish::query()->count());
    }

    public function testAReadingKeepsNothing(): void
    {
        $this->postJson('/api/readings', ['text' => "120 g lemon juice\n80 g sugar", 'measures' => 'metric'])->assertOk()
            ->assertJsonPath('reading.layers.0.lines.0.grams', 120)
            ->assertJsonStructure(['reading', 'formula', 'section', 'names', 'watch']);
        self::assertSame(10, Dish::query()->count());
    }

    public function testADishGoesWithItsVersions(): void
    {
        $dish = $this->dish();
        $this->deleteJson("/api/dishes/$dish->id")->assertNoContent();
        $this->getJson("/api/dishes/$dish->id")->assertNotFound();
        self::assertSame(0, Version::query()->where('dish_id', $dish->id)->count());
    }

    public function testAnotherStudiosDishDoesNotExistForThisOne(): void
    {
        $other = Studio::query()->create(['slug' => 'harbour', 'name' => 'Harbour kiosk']);
        $dish = $this->dish();
        $version = $dish->versions->firstOrFail();
        // The store itself keeps a dish and its versions in one studio.
        try {
            DB::table('versions')->where('id', $version->id)->update(['studio_id' => $other->id]);
            self::fail('a version of one studio under a dish of another');
        } catch (QueryException) {
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (['dishes' => 'id', 'versions' => 'dish_id'] as $table => $key) {
            DB::table($table)->where($key, $dish->id)->update(['studio_id' => $other->id]);
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
        $this->getJson("/api/dishes/$dish->id")->assertNotFound();
        $this->getJson("/api/versions/$version->id")->assertNotFound();
        $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => ['layers' => [['lines' => ['5 g sugar']]]]])->assertNotFound();
        $this->getJson("/api/versions/$version->id/card")->assertNotFound();
        $this->deleteJson("/api/dishes/$dish->id")->assertNotFound();
        self::assertCount(9, (array) $this->getJson('/api/dishes')->json());
    }

    public function testEveryRecordBelongsToAStudio(): void
    {
        foreach (['dishes', 'versions', 'trials'] as $table) {
            self::assertSame(0, DB::table($table)->where('studio_id', '!=', $this->studio()->id)->count(), $table);
            self::assertGreaterThan(0, DB::table($table)->count(), $table);
        }
    }

    public function testTheShelfIsFilledFromTheDatabase(): void
    {
        $row = DB::table('reference_ingredients')->where('slug', 'sugar');
        $content = json_decode((string) $row->value('content'), true);
        self::assertIsArray($content);
        $row->update(['content' => json_encode(['name' => 'Sugar of this store'] + $content)]);
        DB::table('studios')->where('id', $this->studio()->id)->increment('shelf_revision');
        $names = array_column((array) $this->getJson('/api/shelf')->assertOk()->json(), 'name', 'id');
        self::assertSame('Sugar of this store', $names['sugar']);
    }

    public function testTheInterfaceAnswersEveryRoomAndNotTheApi(): void
    {
        $this->withoutVite();
        foreach (['/', '/bench/1', '/pass', '/notebook', '/shelf'] as $room) {
            $this->get($room)->assertOk()->assertSee('id="root"', false);
        }
        $this->getJson('/api/nothing')->assertNotFound()->assertJsonPath('status', 404);
    }
}
