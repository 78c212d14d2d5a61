<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnIngredient;
use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

final class ShelfTest extends FeatureCase
{
    private const CREAM = ['name' => 'Hill cream 30', 'like' => 'cream-36', 'energy_kj' => 1210, 'fat_g' => 30, 'saturates_g' => 19, 'carbohydrate_g' => 3.2, 'sugars_g' => 3.2, 'protein_g' => 2.4, 'salt_g' => 0.1, 'source' => 'packet, 12 Nov 2026'];

    public function testTheShelfIsListedWithJobsAndStandings(): void
    {
        $list = collect((array) $this->getJson('/api/shelf')->assertOk()->json());
        self::assertGreaterThanOrEqual(300, $list->count());
        $gelatin = $list->firstWhere('id', 'gelatin-powder');
        self::assertContains('sets', $gelatin['jobs']);
        self::assertContains('vegan', $gelatin['not']);
        self::assertContains('vegan', $list->firstWhere('id', 'chocolate-55')['ask']);
        self::assertNull($gelatin['own']);
    }

    public function testOneIngredientInFullWithTheProvenanceOfEveryValue(): void
    {
        $in = $this->getJson('/api/shelf/butter')->assertOk()->json();
        foreach ([...$in['parts'], ...$in['densities'], ...$in['units']] as $value) {
            self::assertNotSame('', $value['source']);
            self::assertContains($value['mark'], ['pub', 'trade', 'mem']);
        }
        self::assertSame('Solid fat', $in['curves'][0]['name']);
        self::assertSame('Passion-fruit curd tartlet', $in['used_in'][0]['dish']);
        $cream = $this->getJson('/api/shelf/single-cream')->json('micronutrients');
        self::assertSame(['fact' => 'vitamin_d_ug', 'value' => null], collect((array) $cream)->firstWhere('fact', 'vitamin_d_ug'), 'unknown is not zero');
        $this->getJson('/api/shelf/moonbeam')->assertNotFound()->assertJsonPath('detail', 'The shelf has no ingredient "moonbeam".');
    }

    public function testAPacketIsCheckedBeforeItIsKept(): void
    {
        $before = OwnIngredient::query()->count();
        $this->postJson('/api/shelf/check', self::CREAM)->assertOk()
            ->assertJsonPath('energy_note', null)->assertJsonPath('stated_kj', 1210)
            ->assertJsonPath('ingredient.based_on', 'cream-36');
        self::assertSame($before, OwnIngredient::query()->count());
    }

    public function testAnOwnIngredientIsKeptAndUnderstoodInALine(): void
    {
        $id = $this->postJson('/api/shelf', self::CREAM)->assertCreated()->assertJsonPath('own', 'own')->json('id');
        self::assertSame('own-hill-cream-30', $id);
        $line = $this->postJson('/api/readings', ['text' => "layer: A\n200 g hill cream 30"])->assertOk()->json('reading.layers.0.lines.0');
        self::assertSame($id, $line['ingredient']);
        self::assertSame('own-hill-cream-30-2', $this->postJson('/api/shelf', self::CREAM)->json('id'), 'a second of the same name stands beside it');
        $this->deleteJson("/api/shelf/$id")->assertNoContent();
        $this->app?->forgetScopedInstances();
        $this->getJson("/api/shelf/$id")->assertNotFound();
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function impossible(): array
    {
        return [
            'no name' => [['name' => ''], 'name', 'the name your kitchen'],
            'sugars over carbohydrate' => [['sugars_g' => 9], 'sugars_g', 'part of it'],
            'energy of something else' => [['energy_kj' => 3000], 'energy_kj', 'its parts make'],
            'like nothing' => [['like' => 'moonbeam'], 'like', 'most like'],
            'not a number' => [['fat_g' => 'lots'], 'fat_g', 'number'],
            'an allergen of no list' => [['allergens' => ['dust']], 'allergens.0', ''],
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('impossible')]
    public function testAnImpossiblePacketIsRefusedAtItsFieldAndNothingIsKept(array $change, string $field, string $words): void
    {
        $before = OwnIngredient::query()->count();
        $problem = $this->postJson('/api/shelf', [...self::CREAM, ...$change])->assertUnprocessable()->assertJsonPath('field', $field)->json();
        self::assertStringContainsString($words, $problem['detail']);
        self::assertSame($before, OwnIngredient::query()->count());
    }

    public function testACorrectionNeverTouchesTheReferenceRowAndOldVersionsKeepTheirValues(): void
    {
        $version = $this->original();
        $was = $this->getJson("/api/versions/$version->id")->json();
        $reference = DB::table('reference_ingredients')->where('slug', 'butter')->value('content');
        $packet = ['name' => 'Butter, unsalted', 'energy_kj' => 2680, 'fat_g' => 71, 'saturates_g' => 45, 'carbohydrate_g' => 1, 'sugars_g' => 1, 'protein_g' => 1];
        $this->putJson('/api/shelf/butter', $packet)->assertOk()->assertJsonPath('own', 'corrected')->assertJsonPath('id', 'butter');
        self::assertSame($reference, DB::table('reference_ingredients')->where('slug', 'butter')->value('content'));

        $this->app?->forgetScopedInstances();
        $now = $this->getJson("/api/versions/$version->id")->json();
        self::assertSame($was['now']['reading']['portion'], $now['now']['reading']['portion'], 'computed with what it saw');
        self::assertSame([['id' => 'butter', 'name' => 'Butter, unsalted']], $now['changed_ingredients']);

        $preview = $this->getJson("/api/versions/$version->id/refresh")->assertOk()->json();
        self::assertContains('Fat', array_column($preview['portion'], 'what'));
        $this->postJson("/api/versions/$version->id/refresh", ['revision' => 99])->assertConflict();
        $fresh = $this->postJson("/api/versions/$version->id/refresh", ['revision' => $version->revision])->assertOk()->json();
        self::assertSame([], $fresh['changed_ingredients']);
        self::assertLessThan($was['now']['reading']['portion']['fat_g'], $fresh['now']['reading']['portion']['fat_g']);

        $this->app?->forgetScopedInstances();
        $this->deleteJson('/api/shelf/butter')->assertNoContent();
        $this->app?->forgetScopedInstances();
        $after = $this->getJson("/api/versions/$version->id")->json();
        self::assertSame($fresh['now']['reading']['portion'], $after['now']['reading']['portion'], 'even when the correction is taken away again');
        $this->app?->forgetScopedInstances();
        $this->deleteJson('/api/shelf/butter')->assertUnprocessable();
    }

    public function testEvidenceAnswersForAPacketUntilItRunsOut(): void
    {
        $dish = $this->postJson('/api/dishes', ['text' => "title: Pot\nlayer: A\n100 g dark chocolate 55 %\n100 g water"])->json('versions.0.id');
        $vegan = fn(): array => $this->getJson("/api/versions/$dish")->json('now.reading.diets.vegan');
        self::assertNotSame([], $vegan()['unproven']);
        $seen = ['diet' => 'vegan', 'meets' => true, 'note' => 'no milk in the list', 'seen_on' => now()->toDateString(), 'expires_on' => now()->addDays(3)->toDateString(), 'who' => 'Ana'];
        $id = $this->postJson('/api/shelf/chocolate-55/evidence', $seen)->assertCreated()->assertJsonPath('expired', false)->json('id');
        $this->app?->forgetScopedInstances();
        self::assertSame([], $vegan()['unproven']);
        self::assertStringContainsString('by Ana', $vegan()['proven'][0]);
        $this->travel(4)->days();
        $this->app?->forgetScopedInstances();
        self::assertNotSame([], $vegan()['unproven'], 'run out');
        self::assertTrue($this->getJson('/api/shelf/chocolate-55')->json('evidence.0.expired'));
        $this->travelBack();
        $this->deleteJson("/api/evidence/$id")->assertNoContent();
        $this->postJson('/api/shelf/chocolate-55/evidence', [...$seen, 'expires_on' => '2001-01-01'])->assertUnprocessable()->assertJsonPath('field', 'expires_on');
        $this->postJson('/api/shelf/chocolate-55/evidence', [...$seen, 'who' => ''])->assertUnprocessable()->assertJsonPath('field', 'who');
    }

    public function testATableIsTriedDryThenTakenAndComesOutAgain(): void
    {
        $csv = "name,like,energy_kj,fat_g,carbohydrate_g,sugars_g,protein_g\nHill oat drink,oat-milk,180,1.5,6.5,3.4,0.8\nBad,oat-milk,,1,2,9,1\nHill oat drink,oat-milk,180,1.5,6.5,3.4,0.8\n";
        $before = OwnIngredient::query()->count();
        $dry = $this->postJson('/api/shelf/import', ['csv' => $csv, 'dry' => true])->assertOk()->json('rows');
        self::assertSame(['added', 'refused', 'refused'], array_column($dry, 'action'));
        self::assertArrayHasKey('sugars_g', $dry[1]['reasons']);
        self::assertSame('Row 2 has the same name.', $dry[2]['reasons']['name']);
        self::assertSame($before, OwnIngredient::query()->count(), 'a dry run keeps nothing');
        $this->postJson('/api/shelf/import', ['csv' => $csv, 'dry' => false])->assertOk();
        self::assertSame($before + 1, OwnIngredient::query()->count());
        $out = $this->get('/api/shelf/own.csv')->assertOk()->getContent();
        self::assertIsString($out);
        self::assertStringContainsString('Hill oat drink', $out);
        $this->app?->forgetScopedInstances();
        self::assertSame(['as it was'], array_values(array_unique(array_column($this->postJson('/api/shelf/import', ['csv' => $out, 'dry' => true])->json('rows'), 'action'))));
        $this->postJson('/api/shelf/import', ['csv' => "oats,1\n", 'dry' => true])->assertUnprocessable();
        // What is made here has no packet to go out, and a row of its name does not overwrite its lines.
        self::assertStringNotContainsString('Observatory condensed milk', $out);
        $over = $this->postJson('/api/shelf/import', ['csv' => str_replace('Hill oat drink', 'Observatory condensed milk', $csv), 'dry' => false])->json('rows.0');
        self::assertSame('refused', $over['action']);
        self::assertStringContainsString('is a preparation, computed from its lines', $over['reasons']['name']);
    }

    public function testANumberTellsWhyAndAnUnknownOneIsRefused(): void
    {
        $version = $this->original();
        $why = $this->getJson("/api/versions/$version->id/why?path=portion.kcal")->assertOk()->json();
        self::assertEqualsWithDelta($this->getJson("/api/versions/$version->id")->json('now.reading.portion.kcal'), $why['value'], 0.6);
        self::assertNotSame([], $why['inputs'][0]['inputs'][0]['inputs']);
        $this->getJson("/api/versions/$version->id/why?path=portion.joy")->assertNotFound();
    }

    public function testAnotherStudiosShelfIsItsOwn(): void
    {
        $other = Studio::query()->create(['slug' => 'other', 'name' => 'Another']);
        OwnIngredient::query()->create(['studio_id' => $other->id, 'slug' => 'own-secret', 'name' => 'Secret', 'hash' => str_repeat('0', 32), 'packet' => [], 'content' => []]);
        $this->getJson('/api/shelf/own-secret')->assertNotFound();
        self::assertNotContains('own-secret', array_column($this->getJson('/api/shelf')->json(), 'id'));
    }

    public function testSyncingTheReferenceAgainChangesNothing(): void
    {
        $revision = $this->studio()->shelf_revision;
        $this->artisan('shelf:sync');
        self::assertSame($revision, $this->studio()->shelf_revision);
        DB::table('reference_ingredients')->where('slug', 'sugar')->update(['hash' => str_repeat('0', 32)]);
        $this->artisan('shelf:sync');
        self::assertSame($revision + 1, $this->studio()->shelf_revision);
    }
}
