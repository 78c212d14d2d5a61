<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Version;

/** What the Bench and the Spread ask for beyond reading and saving. */
final class BenchTest extends FeatureCase
{
    private function vegan(): Version
    {
        return $this->dish()->versions->firstOrFail(static fn(Version $v): bool => $v->name === 'Vegan 1');
    }

    public function testAnOutOfReachBriefSaysWhatBlocksAndOffersTheNearest(): void
    {
        $id = $this->original()->id;
        $answer = $this->postJson("/api/versions/$id/routes", ['diets' => ['vegan'], 'kcal' => 60])->assertOk()->assertJsonPath('routes', [])->json();
        self::assertStringContainsString('over 60 kcal by', $answer['blocked'][0]['reason']);
        self::assertGreaterThan(60, $answer['blocked'][0]['nearest'], 'the number it could reach');
        $accept = $answer['proposals'][0];
        self::assertNotNull($accept['brief']);
        self::assertNotSame([], $this->postJson("/api/versions/$id/routes", $accept['brief'])->assertOk()->json('routes'));
    }

    public function testAVersionIsRetargetedBesideItself(): void
    {
        $vegan = $this->vegan();
        $was = $this->getJson("/api/versions/$vegan->id")->json('now.reading.layers.1');
        $new = $this->postJson("/api/versions/$vegan->id/retarget", ['diets' => [], 'aims' => ['sweetness' => 0.8]])->assertCreated()->assertJsonPath('version.name', 'Less sweet 1')->assertJsonPath('version.parent_id', $vegan->id)->json();
        self::assertEqualsWithDelta(0.8 * $was['se'], $new['now']['reading']['layers'][1]['se'], 0.08 * $was['se']);
        $this->postJson("/api/versions/$vegan->id/retarget", ['diets' => []])->assertUnprocessable();
        $this->postJson("/api/versions/$vegan->id/retarget", ['diets' => [], 'aims' => ['sweetness' => 9]])->assertUnprocessable()->assertJsonPath('field', 'sweetness');
    }

    public function testAVersionIsScaledToPortionsAndToATin(): void
    {
        $original = $this->original();
        $was = $this->getJson("/api/versions/$original->id")->json('now.reading');
        $more = $this->postJson("/api/versions/$original->id/scale", ['portions' => 24])->assertCreated()->assertJsonPath('version.name', 'For 24 1')->json('now.reading');
        self::assertSame(24, $more['portions']);
        self::assertEqualsWithDelta($was['portion']['mass_g'], $more['portion']['mass_g'], 0.2);
        self::assertEqualsWithDelta(2 * $was['layers'][1]['mass_g'], $more['layers'][1]['mass_g'], 0.5);
        self::assertEqualsWithDelta($was['layers'][1]['height_mm'], $more['layers'][1]['height_mm'], 0.3, 'twice as many of the same tin');
        $deep = $this->postJson("/api/versions/$original->id/scale", ['tin' => 'round 200 x 60 mm'])->assertCreated()->json('now.reading');
        self::assertGreaterThan($was['layers'][1]['height_mm'], $deep['layers'][1]['height_mm']);
        self::assertGreaterThan($was['layers'][1]['cooling']['core_8c_h'], $deep['layers'][1]['cooling']['core_8c_h'], 'setting time follows');
        $cut = $this->postJson("/api/versions/$original->id/scale", ['cut_into' => 18])->assertCreated()->json('now.reading');
        self::assertEqualsWithDelta($was['portion']['mass_g'] * 12 / 18, $cut['portion']['mass_g'], 0.1);
        $this->postJson("/api/versions/$original->id/scale", [])->assertUnprocessable();
        $this->postJson("/api/versions/$original->id/scale", ['tin' => 'a bathtub'])->assertUnprocessable()->assertJsonPath('field', 'tin');
    }

    public function testADraggedRailIsKeptAndBalancedTowards(): void
    {
        $vegan = $this->vegan();
        $before = $this->getJson("/api/versions/$vegan->id")->json();
        $wanted = [$before['layer_keys'][1] => ['sweetness' => 22.0]];
        $kept = $this->putJson("/api/versions/$vegan->id/wanted", ['revision' => $vegan->revision, 'wanted' => $wanted])->assertOk()->json();
        $sweet = collect((array) $kept['rails'][1])->firstWhere('property', 'sweetness');
        self::assertEqualsWithDelta(22.0, $sweet['target'], 1e-6);
        self::assertEqualsWithDelta(collect((array) $before['rails'][1])->firstWhere('property', 'sweetness')['now'], $sweet['now'], 1e-6, 'nothing moves until it is balanced');
        $balanced = $this->postJson("/api/versions/$vegan->id/rebalance", ['revision' => $kept['version']['revision'], 'formula' => $kept['now']['formula']])->assertOk()->json();
        self::assertEqualsWithDelta(22.0, collect((array) $balanced['rails'][1])->firstWhere('property', 'sweetness')['now'], 1.5);
        $this->putJson("/api/versions/$vegan->id/wanted", ['revision' => 1, 'wanted' => $wanted])->assertConflict();
        $this->putJson("/api/versions/$vegan->id/wanted", ['revision' => 1, 'wanted' => [$before['layer_keys'][1] => ['mood' => 3]]])->assertUnprocessable();
    }

    public function testOfTwoLayersOfOneNameOneRailIsWantedOtherwise(): void
    {
        $text = "title: Twice cream\nportions: 4\nlayer: Cream\n200 g whipping cream\n20 g sugar\n\nlayer: Cream\n200 g whipping cream\n30 g sugar\n";
        $dish = $this->postJson('/api/dishes', ['text' => $text])->assertCreated()->json();
        $original = $dish['versions'][0]['id'];
        $route = $this->postJson("/api/versions/$original/routes", ['diets' => ['vegan']])->json('routes.0.hash');
        $made = $this->postJson("/api/versions/$original/versions", ['diets' => ['vegan'], 'route' => $route])->assertCreated()->json();
        self::assertSame(array_column($made['now']['formula']['layers'], 'id'), $made['layer_keys']);
        self::assertCount(2, array_unique($made['layer_keys']));
        $id = $made['version']['id'];
        $kept = $this->putJson("/api/versions/$id/wanted", ['revision' => 1, 'wanted' => [$made['layer_keys'][1] => ['sweetness' => 5.0]]])->assertOk()->json();
        $target = static fn(int $layer): float => collect((array) $kept['rails'][$layer])->firstWhere('property', 'sweetness')['target'];
        self::assertEqualsWithDelta(5.0, $target(1), 1e-6);
        self::assertGreaterThan(6.0, $target(0), 'the first cream keeps its own');
    }

    public function testTwoVersionsAreComparedAndNotesKept(): void
    {
        $vegan = $this->vegan();
        $original = $this->original();
        $compare = $this->getJson("/api/versions/$original->id/compare/$vegan->id")->assertOk()->json();
        self::assertSame(['Original', 'Vegan 1'], [$compare['a']['name'], $compare['b']['name']]);
        self::assertContains('vegan', array_column($compare['changes']['diets'], 'diet'));
        self::assertSame(['eggs', 'milk'], $compare['changes']['allergens']['out']);
        $this->putJson("/api/versions/$vegan->id/notes", ['notes' => 'Try a pinch more salt.'])->assertOk();
        self::assertSame('Try a pinch more salt.', $this->getJson("/api/versions/$vegan->id")->json('version.notes'));
    }

    public function testSchoolsOfTheStudioActAndADishMayChooseOtherwise(): void
    {
        $custard = $this->dish('Cardamom set custard');
        $original = $custard->versions->firstOrFail();
        $ask = fn(): array => array_merge([], ...array_map(static fn(array $r): array => array_map(static fn(array $l): array => array_column($l['lines'], 'ingredient'), $r['formula']['layers'])[0], $this->postJson("/api/versions/$original->id/routes", ['diets' => ['keto']])->assertOk()->json('routes')));
        self::assertContains('allulose', $ask());
        $this->putJson('/api/schools', ['schools' => ['market' => 'eu']])->assertOk()->assertJsonPath('studio.market', 'eu');
        $this->app?->forgetScopedInstances();
        self::assertNotContains('allulose', $ask(), 'no allulose in the EU');
        $this->putJson("/api/dishes/$custard->id/schools", ['schools' => ['market' => 'us']])->assertOk();
        $this->app?->forgetScopedInstances();
        self::assertContains('allulose', $ask(), 'the dish is for another market');
        $this->putJson('/api/schools', ['schools' => ['market' => 'the moon']])->assertUnprocessable()->assertJsonPath('field', 'market');
    }

    public function testAKeptReadingIsNeverStale(): void
    {
        $custard = $this->dish('Cardamom set custard');
        $version = $custard->versions->firstOrFail();
        $read = function () use ($version): array {
            $this->app?->forgetScopedInstances();

            return (array) $this->getJson("/api/versions/$version->id")->assertOk()->json();
        };
        $first = $read();
        self::assertSame($first['now'], $read()['now'], 'nothing changed');
        self::assertSame([], $first['version']['schools_at_work']);
        $this->putJson('/api/schools', ['schools' => ['net_carbs' => 'no-polyols']])->assertOk();
        $second = $read();
        self::assertSame(['net_carbs'], array_column($second['version']['schools_at_work'], 'question'));
        $formula = $second['now']['formula'];
        $formula['layers'][0]['lines'][0]['grams'] += 30;
        $saved = $this->patchJson("/api/versions/$version->id", ['revision' => $second['version']['revision'], 'formula' => $formula])->assertOk()->json();
        self::assertNotSame($second['now']['reading'], $saved['now']['reading']);
        self::assertSame($saved['now'], $read()['now']);
        $child = $custard->versions->get(1);
        self::assertNotNull($child);
        $this->app?->forgetScopedInstances();
        self::assertSame($first['now']['reading']['portion'], $this->getJson("/api/versions/$child->id")->json('original.reading.portion'), 'a version aims at its original as it was');
        $this->putJson("/api/versions/$child->id/aim")->assertOk();
        $this->app?->forgetScopedInstances();
        self::assertSame($saved['now']['reading']['portion'], $this->getJson("/api/versions/$child->id")->json('original.reading.portion'), 'until it is aimed anew');
    }

    public function testTheTenDemoDishesEachHaveVersionsTheEngineMade(): void
    {
        $dishes = Dish::query()->with('versions')->get();
        self::assertCount(10, $dishes);
        self::assertGreaterThanOrEqual(5, $dishes->pluck('family')->unique()->count());
        foreach ($dishes as $dish) {
            self::assertGreaterThanOrEqual(3, $dish->versions->count(), $dish->title);
            foreach ($dish->versions->slice(1) as $version) {
                self::assertSame('route', $version->origin['kind']);
                foreach ($version->brief['diets'] as $diet) {
                    self::assertNotSame([], $this->getJson("/api/versions/$version->id")->json("now.reading.diets.$diet"));
                    self::assertSame([], $this->getJson("/api/versions/$version->id")->json("now.reading.diets.$diet.because"), "$dish->title, $diet");
                }
            }
        }
    }

    public function testTheMakingOfAVersionSaysWhatIsNotSoInTheOriginal(): void
    {
        $dish = $this->dish();
        $original = $this->original();
        $was = (array) $this->getJson("/api/versions/$original->id/making")->assertOk()->json('steps');
        self::assertArrayNotHasKey('is_new', $was[0]);
        self::assertContains('cook', array_column($was, 'kind'));
        $vegan = $dish->versions->firstWhere('name', 'Vegan 1');
        self::assertInstanceOf(Version::class, $vegan);
        $now = (array) $this->getJson("/api/versions/$vegan->id/making")->assertOk()->json('steps');
        $new = array_column(array_filter($now, static fn(array $step): bool => $step['is_new']), 'kind');
        self::assertContains('boil', $new, 'what replaces egg must boil');
        self::assertNotContains('separate', array_column($now, 'kind'), 'no egg is parted');
        $grams = [];
        foreach ($now as $step) {
            foreach ($step['lines'] as $line) {
                $grams[$line['ingredient']] = ($grams[$line['ingredient']] ?? 0.0) + $line['grams'];
            }
        }
        foreach ($vegan->formula->holds() as $slug => $held) {
            self::assertEqualsWithDelta($held, $grams[$slug] ?? 0.0, 1e-6, $slug);
        }
    }
}
