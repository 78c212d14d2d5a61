<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Version;
use Illuminate\Support\Facades\DB;

final class VersionTest extends FeatureCase
{
    public function testAVersionShowsBothSidesRailsAndLineage(): void
    {
        $version = $this->dish()->versions[1];
        $bench = $this->getJson("/api/versions/$version->id")->assertOk()->json();
        self::assertSame('Vegan 1', $bench['version']['name']);
        self::assertSame(['Original', 'Vegan 1', 'Gluten-free 1'], array_column($bench['lineage'], 'name'));
        self::assertArrayHasKey(1, $bench['rails'], 'rails by the layer\'s place');
        self::assertContains('egg-yolk', array_column($bench['original']['formula']['layers'][1]['lines'], 'ingredient'));
        self::assertNotContains('egg-yolk', array_column($bench['now']['formula']['layers'][1]['lines'], 'ingredient'));
        foreach ([...$this->getJson('/api/versions/1')->json('watch'), ...$this->getJson('/api/versions/7')->json('watch')] as $warning) {
            self::assertSame($warning['cure'] === null, $warning['cure_words'] === null, 'a cure has words for its button');
        }
    }

    public function testAChangedGramFigureIsKeptAndEverythingReadAgain(): void
    {
        $version = $this->dish()->versions[1];
        $formula = $this->formulaOf($version);
        $sugar = array_search('sugar', array_column($formula['layers'][1]['lines'], 'ingredient'), true);
        $before = $this->getJson("/api/versions/$version->id")->json('now.reading.layers.1.se');
        $formula['layers'][1]['lines'][$sugar]['grams'] += 40;
        $after = $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula])->assertOk()->assertJsonPath('version.revision', 2)->json('now.reading.layers.1.se');
        self::assertGreaterThan($before + 3, $after);
        self::assertSame($after, $this->getJson("/api/versions/$version->id")->json('now.reading.layers.1.se'));
    }

    public function testTheSecondOfTwoEditsIsToldAndNothingIsLost(): void
    {
        $version = $this->original();
        $mine = $theirs = $this->formulaOf($version);
        $theirs['layers'][1]['lines'][0]['grams'] = 170;
        $mine['layers'][1]['lines'][0]['grams'] = 150;
        $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $theirs])->assertOk();
        $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $mine])
            ->assertConflict()->assertJsonPath('revision', 2)->assertJsonPath('type', 'urn:transmuta:problem:changed-elsewhere')
            ->assertJsonPath('mend', 'Keep yours as a new version, or take theirs. Nothing typed here is lost.');
        self::assertEqualsWithDelta(170, $this->formulaOf($version)['layers'][1]['lines'][0]['grams'], 0.001);
        // Keeping mine makes a version beside it.
        $this->postJson("/api/versions/$version->id/versions", ['diets' => [], 'formula' => $mine])->assertCreated()
            ->assertJsonPath('version.name', 'Variant 1')->assertJsonPath('now.formula.layers.1.lines.0.grams', 150);
    }

    public function testARouteIsTakenWithTheGramsThatWereShown(): void
    {
        $version = $this->original();
        $routes = $this->postJson("/api/versions/$version->id/routes", ['diets' => ['vegan']])->assertOk()->json('routes');
        self::assertGreaterThanOrEqual(3, count($routes));
        $made = $this->postJson("/api/versions/$version->id/versions", ['diets' => ['vegan'], 'route' => $routes[2]['id']])->assertCreated()->json();
        self::assertSame('Vegan 2', $made['version']['name']);
        self::assertSame($version->id, $made['version']['parent_id']);
        self::assertSame($routes[2]['name'], $made['version']['origin']['route']);
        self::assertEquals(
            array_map(static fn(array $layer): array => array_column($layer['lines'], 'grams', 'ingredient'), $routes[2]['formula']['layers']),
            array_map(static fn(array $layer): array => array_column($layer['lines'], 'grams', 'ingredient'), $made['now']['formula']['layers']),
        );
        $this->getJson("/api/versions/{$made['version']['id']}")->assertOk()->assertJsonPath('version.origin.kind', 'route');
    }

    public function testOnePressMakesOneVersionHoweverOftenItIsSent(): void
    {
        $version = $this->original();
        $route = $this->postJson("/api/versions/$version->id/routes", ['diets' => ['vegan']])->assertOk()->json('routes.1');
        $press = ['diets' => ['vegan'], 'route' => $route['hash']];
        $first = $this->postJson("/api/versions/$version->id/versions", $press)->assertCreated()->json('version.id');
        $count = Version::query()->count();
        $this->postJson("/api/versions/$version->id/versions", $press)->assertOk()->assertJsonPath('version.id', $first);
        self::assertSame($count, Version::query()->count());
        // Another brief is another version, though the grams may be the same.
        $this->postJson("/api/versions/$version->id/versions", ['diets' => ['vegan'], 'route' => $route['hash'], 'kcal' => 900])->assertCreated();
    }

    public function testARouteThatWasNotOfferedIsRefused(): void
    {
        $version = $this->original();
        $count = Version::query()->count();
        $this->postJson("/api/versions/$version->id/versions", ['diets' => ['vegan'], 'route' => 'moonbeams'])->assertUnprocessable()->assertJsonPath('field', 'route');
        self::assertSame($count, Version::query()->count());
    }

    public function testAnUnknownDietOrANegativeLimitIsRefused(): void
    {
        $version = $this->original();
        $this->postJson("/api/versions/$version->id/routes", ['diets' => ['lunar']])->assertUnprocessable()->assertJsonPath('field', 'diets.0');
        $this->postJson("/api/versions/$version->id/routes", ['diets' => [], 'kcal' => -1])->assertUnprocessable()->assertJsonPath('field', 'kcal');
        $this->postJson("/api/versions/$version->id/routes", ['diets' => [], 'kcal' => 0])->assertOk();
    }

    public function testAnAbsurdMassIsRefusedWithItsPlaceAndTheVersionStays(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        foreach ([-5, 100001] as $absurd) {
            $formula['layers'][1]['lines'][0]['grams'] = $absurd;
            $answer = $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula])->assertUnprocessable()->json();
            self::assertStringContainsString('layer 2 line 1 (passion-fruit-juice)', $answer['detail']);
        }
        $this->getJson("/api/versions/$version->id")->assertJsonPath('version.revision', 1);
    }

    public function testATypedLineIsReadWhenTheVersionIsSaved(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][] = ['text' => '2 tbsp cornflour'];
        $lines = $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula])->assertOk()->json('now.formula.layers.1.lines');
        self::assertSame('cornflour', end($lines)['ingredient']);
        self::assertStringContainsString('tablespoon', end($lines)['trace']);
    }

    public function testBalancingHoldsThePinnedLine(): void
    {
        $version = $this->dish()->versions[1];
        $formula = $this->formulaOf($version);
        $at = array_search('passion-fruit-juice', array_column($formula['layers'][1]['lines'], 'ingredient'), true);
        $formula['layers'][1]['lines'][$at]['grams'] = 140;
        $formula['layers'][1]['lines'][$at]['pinned'] = true;
        $bench = $this->postJson("/api/versions/$version->id/rebalance", ['revision' => 1, 'formula' => $formula])->assertOk()->json();
        self::assertEqualsWithDelta(140, $bench['now']['formula']['layers'][1]['lines'][$at]['grams'], 0.001);
        self::assertNotEquals($formula['layers'][1]['lines'], $bench['now']['formula']['layers'][1]['lines']);
        self::assertSame(2, $bench['version']['revision']);
    }

    public function testTheOriginalHasNothingToBeBalancedAgainst(): void
    {
        $version = $this->original();
        $this->postJson("/api/versions/$version->id/rebalance", ['revision' => 1, 'formula' => $this->formulaOf($version)])->assertUnprocessable()->assertJsonPath('field', 'version');
    }

    public function testWhenTheStoreGoesAwayItIsSaidAndNothingChanges(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][0]['grams'] = 1;
        Version::updating(static function (): never {
            throw new \PDOException('SQLSTATE[HY000] [2006] MySQL server has gone away');
        });
        try {
            $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula])
                ->assertStatus(503)->assertJsonPath('type', 'urn:transmuta:problem:store-away')->assertJsonMissing(['SQLSTATE']);
        } finally {
            Version::flushEventListeners();
        }
        $this->getJson("/api/versions/$version->id")->assertJsonPath('version.revision', 1);
        self::assertNotEquals(1, $this->formulaOf($version)['layers'][1]['lines'][0]['grams']);
    }

    public function testWhatTheStoreRefusesIsOurFaultAndNotCalledAway(): void
    {
        $version = $this->original();
        Version::updating(static function (): never {
            throw new \PDOException('SQLSTATE[23000]: Integrity constraint violation: 1451');
        });
        try {
            $formula = $this->formulaOf($version);
            $formula['layers'][1]['lines'][0]['grams'] = 1;
            $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula])
                ->assertStatus(500)->assertJsonPath('type', 'urn:transmuta:problem:fault')->assertJsonMissing(['SQLSTATE']);
        } finally {
            Version::flushEventListeners();
        }
        $this->getJson("/api/versions/$version->id")->assertJsonPath('version.revision', 1);
    }

    public function testAStoreThatCannotBeReachedAtAllIsSaid(): void
    {
        config(['database.connections.mariadb.unix_socket' => '/nowhere/at/all.sock']);
        DB::purge('mariadb');
        try {
            $this->getJson('/api/dishes')->assertStatus(503)->assertJsonPath('detail', 'The store cannot be reached, so nothing was saved.');
        } finally {
            config(['database.connections.mariadb.unix_socket' => env('DB_SOCKET')]);
            DB::purge('mariadb');
            \Illuminate\Foundation\Testing\RefreshDatabaseState::$migrated = false;
        }
    }

    public function testTheCardHoldsWhatLeavesTheKitchen(): void
    {
        $version = $this->dish()->versions[1];
        $card = $this->getJson("/api/versions/$version->id/card")->assertOk()->json();
        self::assertSame('Vegan 1', $card['version']);
        self::assertNotEmpty($card['steps']);
        self::assertSame(11, count($card['facts']));
        self::assertContains('gluten', $card['contains']);
        self::assertNotContains('milk', $card['contains']);
        self::assertStringContainsString('°C', implode(' ', $card['steps']));
    }

    public function testATrialStandsBesideWhatWasForetold(): void
    {
        $version = $this->dish('Cardamom set custard')->versions[1];
        $trial = ['made_on' => '2026-11-23', 'set_step' => 4, 'sweetness' => 'right', 'sharpness' => 'too little', 'remark' => 'Wobbles in one piece.'];
        $this->postJson("/api/versions/$version->id/trials", $trial)->assertCreated()
            ->assertJsonPath('set_word', 'soft slice')->assertJsonPath('predicted.layer', 'Custard')->assertJsonPath('predicted.step', 'soft slice');
        $this->getJson("/api/versions/$version->id")->assertJsonPath('trials.0.remark', 'Wobbles in one piece.');
        self::assertContains('Cardamom set custard', array_column((array) $this->getJson('/api/trials')->assertOk()->json('trials'), 'dish'));
    }

    public function testTrialsAreListedAPageAtATimeAndNoneIsLostBetween(): void
    {
        $version = $this->dish('Cardamom set custard')->versions[1];
        $had = count((array) $this->getJson('/api/trials')->json('trials'));
        // Several on one day, so that the day alone does not say where a page ends.
        for ($n = 0; $n < 45; ++$n) {
            $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-11-' . (20 + $n % 3), 'set_step' => 4, 'sweetness' => 'right', 'sharpness' => 'right', 'remark' => "No. $n"])->assertCreated();
        }
        $answer = $this->getJson('/api/trials')->assertOk();
        $first = (array) $answer->json('trials');
        self::assertCount(40, $first);
        self::assertSame($first[39]['id'], $answer->json('next'));
        $rest = (array) $this->getJson('/api/trials?before=' . $first[39]['id'])->assertOk()->assertJsonPath('next', null)->json('trials');
        $all = [...$first, ...$rest];
        self::assertCount(45 + $had, array_unique(array_column($all, 'id')));
        $days = array_column($all, 'made_on');
        $sorted = $days;
        rsort($sorted);
        self::assertSame($sorted, $days);
        $this->getJson('/api/trials?before=999999')->assertNotFound();
    }

    public function testATrialOutsideTheLadderIsRefused(): void
    {
        $version = $this->original();
        $trial = ['made_on' => '2026-11-23', 'sweetness' => 'right', 'sharpness' => 'right'];
        // What nobody judged is left out; nothing at all is no trial.
        $this->postJson("/api/versions/$version->id/trials", $trial)->assertCreated()->assertJsonPath('set_step', null)->assertJsonPath('found.layers', []);
        $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-11-23'])->assertUnprocessable()->assertJsonPath('field', 'found');
        $this->postJson("/api/versions/$version->id/trials", ['set_step' => 7] + $trial)->assertUnprocessable();
        $this->postJson("/api/versions/$version->id/trials", ['set_step' => -1] + $trial)->assertUnprocessable();
        $this->postJson("/api/versions/$version->id/trials", ['set_step' => 6] + $trial)->assertCreated();
        $this->postJson("/api/versions/$version->id/trials", ['set_step' => 0, 'made_on' => 'yesterday'] + $trial)->assertUnprocessable()->assertJsonPath('field', 'made_on');
    }

    public function testALabelIsOfAMarketAndNamesWhatKeepsItFromBeingFinal(): void
    {
        $version = $this->dish('Cardamom set custard')->versions[0];
        foreach (['eu', 'uk', 'us', 'ca', 'anz', 'in'] as $regime) {
            $label = (array) $this->getJson("/api/versions/$version->id/label?regime=$regime")->assertOk()->assertJsonPath('regime', $regime)->json();
            self::assertSame($label['final'], $label['not_final_because'] === []);
            self::assertContains('milk', $label['allergens']['contains']);
        }
        $this->getJson("/api/versions/$version->id/label?regime=moon")->assertUnprocessable()->assertJsonPath('field', 'regime');
        $this->getJson("/api/versions/$version->id/label")->assertUnprocessable();
    }
}
