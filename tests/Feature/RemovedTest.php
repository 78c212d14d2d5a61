<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Studio;
use App\Models\Version;

/** Names, copies, and what is removed and comes back. */
final class RemovedTest extends FeatureCase
{
    private const FOUND = ['made_on' => '2026-11-25', 'set_step' => 4, 'sweetness' => 'right', 'sharpness' => 'right'];

    public function testADishIsNamedAndItsOriginalKnowsIt(): void
    {
        $dish = $this->dish();
        $this->patchJson("/api/dishes/$dish->id", ['title' => '  Comet  curd tartlet '])->assertOk()->assertJsonPath('title', 'Comet curd tartlet');
        $original = $this->getJson('/api/versions/' . $dish->versions[0]->id)->assertJsonPath('version.dish_title', 'Comet curd tartlet')->assertJsonPath('now.formula.title', 'Comet curd tartlet')->json();
        self::assertSame('Name Passion-fruit curd tartlet → Comet curd tartlet', $this->getJson('/api/versions/' . $dish->versions[0]->id . '/revisions')->json('0.words.0'));
        $this->postJson('/api/versions/' . $dish->versions[0]->id . '/undo', ['revision' => $original['version']['revision']])->assertOk()->assertJsonPath('version.dish_title', 'Passion-fruit curd tartlet');
        $this->patchJson("/api/dishes/$dish->id", ['family' => 'mousse'])->assertOk()->assertJsonPath('family', 'mousse')->assertJsonPath('title', 'Passion-fruit curd tartlet');
        $this->patchJson("/api/dishes/$dish->id", ['title' => '  '])->assertUnprocessable()->assertJsonPath('field', 'title');
        $this->patchJson("/api/dishes/$dish->id", ['family' => 'moonlight'])->assertUnprocessable()->assertJsonPath('field', 'family');
    }

    public function testAVersionIsNamedOnceInItsDish(): void
    {
        [$original, $version] = $this->dish()->versions->all();
        $this->putJson("/api/versions/$version->id/name", ['name' => ' Vegan, for  the lantern night '])->assertOk()->assertJsonPath('name', 'Vegan, for the lantern night');
        $this->putJson("/api/versions/$version->id/name", ['name' => 'ORIGINAL'])->assertUnprocessable()->assertJsonPath('field', 'name');
        $this->putJson("/api/versions/$version->id/name", ['name' => ''])->assertUnprocessable();
        self::assertContains('Vegan, for the lantern night', array_column((array) $this->getJson("/api/versions/$original->id")->json('lineage'), 'name'));
    }

    public function testACopyHasTheVersionsAndNotTheTrials(): void
    {
        $dish = $this->dish();
        $copy = $this->postJson("/api/dishes/$dish->id/copies")->assertCreated()->assertJsonPath('title', "$dish->title, copy")->json();
        self::assertSame($dish->versions->pluck('name')->all(), array_column($copy['versions'], 'name'));
        self::assertSame(0, array_sum(array_column($copy['versions'], 'trials')));
        $was = $this->getJson('/api/versions/' . $dish->versions[1]->id)->json();
        $now = $this->getJson('/api/versions/' . $copy['versions'][1]['id'])->assertOk()->json();
        self::assertSame($was['now']['reading']['portion'], $now['now']['reading']['portion']);
        self::assertSame($copy['versions'][0]['id'], $now['original']['version_id']);
        self::assertSame($copy['versions'][0]['id'], $now['version']['parent_id']);
        $this->postJson("/api/dishes/$dish->id/copies")->assertCreated()->assertJsonPath('title', "$dish->title, copy 2");
    }

    public function testARemovedVersionComesBackWithItsTrials(): void
    {
        $dish = $this->dish('Cardamom set custard');
        [$original, $version] = $dish->versions->all();
        $this->postJson("/api/versions/$version->id/trials", self::FOUND)->assertCreated();
        $before = $this->getJson("/api/versions/$version->id")->json();
        $this->deleteJson("/api/versions/$version->id")->assertNoContent();
        $this->getJson("/api/versions/$version->id")->assertNotFound();
        self::assertNotContains($version->id, array_column((array) $this->getJson("/api/versions/$original->id")->json('lineage'), 'id'));
        self::assertNotContains($version->id, array_column((array) $this->getJson('/api/uses?ingredient=caster-sugar')->json('uses'), 'version_id'));
        self::assertNotContains($version->id, array_column((array) $this->getJson('/api/trials')->assertOk()->json('trials'), 'version_id'));
        $this->getJson('/api/removed')->assertOk()->assertJsonPath('versions.0.name', $version->name)->assertJsonPath('versions.0.dish', 'Cardamom set custard');
        $this->putJson("/api/removed/versions/$version->id")->assertNoContent();
        self::assertSame($before, $this->getJson("/api/versions/$version->id")->json());
        $this->putJson("/api/removed/versions/$version->id")->assertNotFound();
        $this->deleteJson("/api/versions/$original->id")->assertUnprocessable()->assertJsonPath('field', 'version');
    }

    public function testWhatComesBackNeverMeetsAnotherOfItsName(): void
    {
        $original = $this->dish('Dark-hours chestnut pot')->versions[0];
        $formula = $this->formulaOf($original);
        $beside = fn(): array => (array) $this->postJson("/api/versions/$original->id/versions", ['diets' => [], 'formula' => $formula])->assertCreated()->json('version');
        $first = $beside();
        $this->deleteJson("/api/versions/$first[id]")->assertNoContent();
        $second = $beside();
        self::assertSame(['Variant 1', 'Variant 2'], [$first['name'], $second['name']]);
        $this->putJson("/api/removed/versions/$first[id]")->assertNoContent();
        $names = array_column((array) $this->getJson("/api/versions/$original->id")->json('lineage'), 'name');
        self::assertSame($names, array_unique($names));
        $this->putJson("/api/removed/moons/$first[id]")->assertNotFound();
    }

    public function testARemovedDishComesBackOrGoesForGood(): void
    {
        $dish = $this->dish();
        $id = $dish->versions[1]->id;
        $this->deleteJson("/api/dishes/$dish->id")->assertNoContent();
        $this->getJson("/api/dishes/$dish->id")->assertNotFound();
        $this->getJson("/api/versions/$id")->assertNotFound();
        self::assertNotContains($dish->id, array_column((array) $this->getJson('/api/dishes')->json(), 'id'));
        self::assertNotContains($id, array_column((array) $this->getJson('/api/uses?allergen=gluten')->json('uses'), 'version_id'));
        $this->getJson('/api/trials')->assertOk();
        $this->getJson('/api/removed')->assertJsonPath('dishes.0.title', $dish->title)->assertJsonPath('dishes.0.versions', $dish->versions->count())->assertJsonPath('versions', []);
        $this->putJson("/api/removed/dishes/$dish->id")->assertNoContent();
        $this->getJson("/api/versions/$id")->assertOk();
        $this->deleteJson("/api/dishes/$dish->id")->assertNoContent();
        $this->deleteJson("/api/removed/dishes/$dish->id")->assertNoContent();
        self::assertNull(Dish::withTrashed()->find($dish->id));
        self::assertNull(Version::withTrashed()->find($id));
        $this->deleteJson("/api/removed/dishes/$dish->id")->assertNotFound();
    }

    public function testAVersionGoesForGoodOnlyOnceItIsRemoved(): void
    {
        $version = $this->dish()->versions[1];
        $this->deleteJson("/api/removed/versions/$version->id")->assertNotFound();
        $this->deleteJson("/api/versions/$version->id")->assertNoContent();
        $this->deleteJson("/api/removed/versions/$version->id")->assertNoContent();
        self::assertNull(Version::withTrashed()->find($version->id));
    }

    public function testWhatAnotherStudioRemovedIsNotThere(): void
    {
        $other = Studio::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere', 'shelf_revision' => 1]);
        $dish = Dish::query()->create(['studio_id' => $other->id, 'title' => 'Theirs', 'family' => 'curd']);
        $this->patchJson("/api/dishes/$dish->id", ['title' => 'Ours'])->assertNotFound();
        $this->postJson("/api/dishes/$dish->id/copies")->assertNotFound();
        $dish->delete();
        self::assertSame([], $this->getJson('/api/removed')->json('dishes'));
        $this->putJson("/api/removed/dishes/$dish->id")->assertNotFound();
        $this->deleteJson("/api/removed/dishes/$dish->id")->assertNotFound();
    }
}
