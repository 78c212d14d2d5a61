<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnIngredient;
use App\Models\Version;

/** What the kitchen makes for itself, on a real store. */
final class PreparationTest extends FeatureCase
{
    private const PRALINE = ['name' => 'House praline', 'text' => "100 g hazelnuts\n100 g caster sugar", 'keeps_days' => 60, 'beside' => 'praline-paste'];

    public function testItIsLookedAtThenKeptAndUnderstoodInALine(): void
    {
        $before = OwnIngredient::query()->count();
        $this->postJson('/api/preparations/check', self::PRALINE)->assertOk()->assertJsonPath('ingredient.name', 'House praline')->assertJsonPath('made_of.yield', 200);
        self::assertSame($before, OwnIngredient::query()->count());
        $id = $this->postJson('/api/preparations', self::PRALINE)->assertCreated()->json('id');
        self::assertSame('own-house-praline', $id);
        $this->fresh();
        $in = $this->getJson("/api/shelf/$id")->assertOk()->json();
        self::assertSame(['nuts'], $in['allergens']['eu']);
        self::assertSame(60, $in['preparation']['keeps_days']);
        self::assertSame('Praline paste (half sugar)', $in['preparation']['beside']['bought']['name']);
        self::assertContains('nut-free', $in['preparation']['beside']['made']['not']);
        $line = $this->postJson('/api/readings', ['text' => '60 g house praline'])->assertOk()->json('reading.layers.0.lines.0');
        self::assertSame([$id, 60.0], [$line['ingredient'], (float) $line['grams']]);
    }

    public function testAChangeIsWorkedThroughAndReachesDishesAsAProposal(): void
    {
        $praline = $this->postJson('/api/preparations', self::PRALINE)->json('id');
        $this->fresh();
        $cream = $this->postJson('/api/preparations', ['name' => 'Praline cream', 'text' => "100 g house praline\n200 g whipping cream"])->assertCreated()->json('id');
        $this->fresh();
        $dish = $this->postJson('/api/dishes', ['text' => "title: Pot\nportions: 2\nlayer: Cream\n300 g praline cream"])->assertCreated()->json('versions.0.id');
        $this->fresh();
        $fat = $this->getJson("/api/versions/$dish")->json('now.reading.portion.fat_g');
        $this->putJson("/api/preparations/$praline", [...self::PRALINE, 'text' => "150 g hazelnuts\n50 g caster sugar"])->assertOk();
        $this->fresh();
        // The one that holds it is computed anew …
        $parts = array_column($this->getJson("/api/shelf/$cream")->json('parts'), 'grams', 'part');
        self::assertEqualsWithDelta(75.0 / 300 * 62, $parts['fat.oil'], 1.2);
        // … and the dish keeps its values until it is asked.
        $bench = $this->getJson("/api/versions/$dish")->json();
        self::assertSame($fat, $bench['now']['reading']['portion']['fat_g']);
        self::assertSame(['Praline cream'], array_column($bench['changed_ingredients'], 'name'));
        $this->postJson("/api/versions/$dish/refresh", ['revision' => Version::query()->where('id', $dish)->firstOrFail()->revision])->assertOk();
        $this->fresh();
        self::assertGreaterThan($fat, $this->getJson("/api/versions/$dish")->json('now.reading.portion.fat_g'));
    }

    public function testALoopIsRefusedAndWhatHoldsItIsNamed(): void
    {
        $praline = $this->postJson('/api/preparations', self::PRALINE)->json('id');
        $this->fresh();
        $this->postJson('/api/preparations', ['name' => 'Praline cream', 'text' => "100 g house praline\n200 g whipping cream"])->assertCreated();
        $this->fresh();
        $this->putJson("/api/preparations/$praline", [...self::PRALINE, 'text' => "100 g hazelnuts\n50 g praline cream"])->assertStatus(422)->assertJsonFragment(['mend' => 'A preparation cannot hold itself: take that line out.']);
        self::assertStringContainsString('Praline cream is made with it', (string) $this->deleteJson("/api/shelf/$praline")->assertStatus(422)->getContent());
    }

    public function testWhatIsNotKnownMakesNoPreparation(): void
    {
        $this->postJson('/api/preparations', ['name' => 'Dust', 'text' => '100 g moonlit sugar'])->assertStatus(422);
        $this->postJson('/api/preparations', ['name' => '', 'text' => '100 g sugar'])->assertStatus(422);
        $this->postJson('/api/preparations', ['name' => 'Dust', 'text' => '100 g sugar', 'yield_g' => 50])->assertStatus(422);
        self::assertSame(0, OwnIngredient::query()->where('name', 'Dust')->count());
    }

    public function testALayerOfADishBecomesOne(): void
    {
        $version = $this->original();
        $made = $this->postJson("/api/versions/$version->id/layers/1/preparation", ['name' => 'House curd'])->assertCreated()->json();
        self::assertGreaterThan(100.0, $made['grams']);
        $this->fresh();
        $in = $this->getJson('/api/shelf/' . $made['id'])->assertOk()->json();
        self::assertContains('eggs', $in['allergens']['eu']);
        self::assertNotSame([], $in['preparation']['steps']);
        $this->postJson("/api/versions/$version->id/layers/9/preparation", ['name' => 'None'])->assertStatus(422);
    }

    private function fresh(): void
    {
        $this->app?->forgetScopedInstances();
    }
}
