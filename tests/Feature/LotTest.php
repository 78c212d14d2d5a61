<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lot;
use App\Models\Studio;
use App\Models\Version;

/** Lots that came, what was made of them, and a recall. */
final class LotTest extends FeatureCase
{
    private const FOUND = ['made_on' => '2026-11-25', 'set_step' => 4, 'sweetness' => 'right', 'sharpness' => 'right'];

    private function lot(string $ingredient, string $code, ?string $until = null): int
    {
        return (int) $this->postJson("/api/shelf/$ingredient/lots", ['code' => $code, 'came_on' => '2026-11-20', 'best_before' => $until])->assertCreated()->json('id');
    }

    private function oneWith(string $ingredient): Version
    {
        $id = (int) $this->getJson("/api/uses?ingredient=$ingredient")->json('uses.0.version_id');

        return Version::query()->findOrFail($id);
    }

    public function testALotIsNotedOnceByItsCode(): void
    {
        $this->postJson('/api/shelf/agar/lots', ['code' => '  l 24  117 ', 'came_on' => '2026-11-20', 'best_before' => '2026-11-01'])->assertCreated()
            ->assertJsonPath('code', 'L 24 117')->assertJsonPath('is_past', true)->assertJsonPath('trials', 0)->assertJsonPath('recalled_on', null);
        $this->postJson('/api/shelf/agar/lots', ['code' => 'L 24 117'])->assertUnprocessable()->assertJsonPath('field', 'code');
        $this->postJson('/api/shelf/agar/lots', ['code' => ''])->assertUnprocessable()->assertJsonPath('field', 'code');
        $this->postJson('/api/shelf/agar/lots', ['code' => 'X', 'came_on' => '2090-01-01'])->assertUnprocessable()->assertJsonPath('field', 'came_on');
        $this->postJson('/api/shelf/moonlight/lots', ['code' => 'X'])->assertNotFound();
        self::assertSame(['L 24 117'], array_column((array) $this->getJson('/api/shelf/agar/lots')->assertOk()->json(), 'code'));
    }

    public function testARecallNamesWhatWasMadeOfIt(): void
    {
        $version = $this->oneWith('agar');
        [$bad, $good] = [$this->lot('agar', 'A1', '2026-12-24'), $this->lot('agar', 'A2')];
        self::assertSame([$good, $bad], array_column((array) $this->getJson("/api/versions/$version->id/lots")->assertOk()->json(), 'id'));
        $first = $this->postJson("/api/versions/$version->id/trials", [...self::FOUND, 'lots' => [$bad]])->assertCreated()->assertJsonPath('lots.0.code', 'A1')->json('id');
        $this->postJson("/api/versions/$version->id/trials", [...self::FOUND, 'lots' => [$good]])->assertCreated();
        $this->putJson("/api/lots/$bad/recall", ['recalled' => true, 'reason' => 'Salmonella found by the maker'])->assertOk()->assertJsonPath('trials', 1)->assertJsonPath('recalled_on', now()->toDateString());
        $made = (array) $this->getJson("/api/lots/$bad/trials")->assertOk()->json();
        self::assertSame([$first], array_column($made, 'trial_id'));
        self::assertGreaterThan(0, $made[0]['grams']);
        // It is told even of a version that was removed since, and that comes back with it.
        $this->deleteJson("/api/versions/$version->id")->assertNoContent();
        self::assertSame($made, $this->getJson("/api/lots/$bad/trials")->json());
        $this->putJson("/api/removed/versions/$version->id")->assertNoContent();
        // The Bench tells it with the trial, and a version with several trials opens.
        $trials = (array) $this->getJson("/api/versions/$version->id")->assertOk()->json('trials');
        self::assertSame('Salmonella found by the maker', array_column($trials, null, 'id')[$first]['lots'][0]['recall_reason']);
        $this->putJson("/api/lots/$bad/recall", ['recalled' => false])->assertOk()->assertJsonPath('recalled_on', null)->assertJsonPath('recall_reason', '');
    }

    public function testALotOfWhatIsNotInItIsRefusedAndOneInsideAPreparationIsTaken(): void
    {
        $version = $this->oneWith('agar');
        $stray = $this->lot('duck-egg', 'D1');
        $this->postJson("/api/versions/$version->id/trials", [...self::FOUND, 'lots' => [$stray]])->assertUnprocessable()->assertJsonPath('field', 'lots');
        self::assertSame([], Lot::query()->findOrFail($stray)->trials()->get()->all());
        $made = $this->postJson('/api/preparations', ['name' => 'Duck custard base', 'text' => "200 g milk\n80 g duck egg"])->assertCreated()->json('id');
        app()->forgetScopedInstances();
        $dish = $this->postJson('/api/dishes', ['text' => "title: Pots\nportions: 4\n\nlayer: Cream\n300 g Duck custard base\n40 g sugar"])->assertCreated();
        app()->forgetScopedInstances();
        $id = $dish->json('versions.0.id');
        self::assertContains($made, array_column((array) $this->getJson("/api/versions/$id")->json('now.formula.layers.0.lines'), 'ingredient'));
        $this->postJson("/api/versions/$id/trials", [...self::FOUND, 'lots' => [$stray]])->assertCreated()->assertJsonPath('lots.0.name', Lot::query()->findOrFail($stray)->name);
        $this->getJson("/api/lots/$stray/trials")->assertOk()->assertJsonPath('0.grams', 0);
    }

    public function testWhatSomethingWasMadeOfStaysOnRecord(): void
    {
        $version = $this->oneWith('agar');
        [$used, $unused] = [$this->lot('agar', 'A1'), $this->lot('agar', 'A2')];
        $this->postJson("/api/versions/$version->id/trials", [...self::FOUND, 'lots' => [$used]])->assertCreated();
        $this->deleteJson("/api/lots/$used")->assertUnprocessable()->assertJsonPath('field', 'lot');
        $this->deleteJson("/api/lots/$unused")->assertNoContent();
        self::assertSame([$used], array_column((array) $this->getJson('/api/shelf/agar/lots')->json(), 'id'));
    }

    public function testALotOfAnotherStudioIsNotThere(): void
    {
        $other = Studio::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere', 'shelf_revision' => 1]);
        $lot = Lot::query()->create(['studio_id' => $other->id, 'slug' => 'agar', 'name' => 'Agar', 'code' => 'E1']);
        $this->getJson("/api/lots/$lot->id/trials")->assertNotFound();
        $this->putJson("/api/lots/$lot->id/recall", ['recalled' => true])->assertNotFound();
        $this->deleteJson("/api/lots/$lot->id")->assertNotFound();
        $version = $this->oneWith('agar');
        $this->postJson("/api/versions/$version->id/trials", [...self::FOUND, 'lots' => [$lot->id]])->assertUnprocessable();
    }
}
