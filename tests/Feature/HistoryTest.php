<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use App\Models\Version;
use Illuminate\Support\Facades\DB;

/** Every change is a revision; going back and forth, restoring and aiming move nothing that was. */
final class HistoryTest extends FeatureCase
{
    /** @return array<string, mixed> */
    private function bench(Version $version): array
    {
        return (array) $this->getJson("/api/versions/$version->id")->assertOk()->json();
    }

    /**
     * @param array<string, mixed> $formula
     *
     * @return array<string, mixed>
     */
    private function save(Version $version, int $lock, array $formula): array
    {
        return (array) $this->patchJson("/api/versions/$version->id", ['revision' => $lock, 'formula' => $formula])->assertOk()->json();
    }

    public function testAChangeIsARevisionWithItsWordsAndWhatChangesNothingIsNone(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $same = $this->save($version, 1, $formula);
        self::assertSame(1, $same['version']['revision']);
        $name = $formula['layers'][1]['name'];
        $formula['layers'][1]['lines'][0]['grams'] = 170;
        $saved = $this->save($version, 1, $formula);
        self::assertSame(['number' => 2, 'can_undo' => true, 'can_redo' => false], $saved['version']['standing']);
        $history = (array) $this->getJson("/api/versions/$version->id/revisions")->assertOk()->json();
        self::assertSame([2, 1], array_column($history, 'number'));
        self::assertSame([1, null], array_column($history, 'from'));
        self::assertStringContainsString('Passion-fruit juice', $history[0]['words'][0]);
        self::assertStringContainsString("→ 170 g ($name)", $history[0]['words'][0]);
        self::assertSame('Ilka', $history[0]['author']);
        self::assertSame([true, false], array_column($history, 'is_head'));
    }

    /** A property: whatever was done, going back as often gives the very formula, and going forth as often gives what it was. */
    public function testGoingBackOverAnyEditsGivesTheVeryFormula(): void
    {
        mt_srand(20261126);
        $version = $this->dish()->versions[1];
        $states = [$this->bench($version)['now']['formula']];
        $lock = 1;
        for ($n = 0; $n < 12; ++$n) {
            $formula = $states[$n];
            $layer = mt_rand(0, \count($formula['layers']) - 1);
            $line = mt_rand(0, \count($formula['layers'][$layer]['lines']) - 1);
            match (mt_rand(0, 5)) {
                0 => $formula['layers'][$layer]['lines'][] = ['text' => (10 + $n) . ' g sugar'],
                1 => \count($formula['layers'][$layer]['lines']) > 1 ? array_splice($formula['layers'][$layer]['lines'], $line, 1) : $formula['portions'] = 6 + $n,
                2 => $formula['layers'][$layer]['name'] = "Layer $n",
                3 => $formula['layers'][] = ['name' => "New $n", 'lines' => [['text' => '50 g milk']]],
                4 => $formula['layers'] = array_reverse($formula['layers']),
                default => $formula['layers'][$layer]['lines'][$line]['grams'] = 1 + $n * 3.25,
            };
            $saved = $this->save($version, $lock, $formula);
            $lock = $saved['version']['revision'];
            $states[] = $saved['now']['formula'];
        }
        $distinct = [$states[0]];
        foreach ($states as $state) {
            if ($state !== end($distinct)) {
                $distinct[] = $state;
            }
        }
        for ($n = \count($distinct) - 2; $n >= 0; --$n) {
            $back = (array) $this->postJson("/api/versions/$version->id/undo", ['revision' => $lock])->assertOk()->json();
            $lock = $back['version']['revision'];
            self::assertSame($distinct[$n], $back['now']['formula'], "back to $n");
        }
        self::assertFalse($this->bench($version)['version']['standing']['can_undo']);
        $this->postJson("/api/versions/$version->id/undo", ['revision' => $lock])->assertUnprocessable()->assertJsonPath('field', 'history');
        for ($n = 1; $n < \count($distinct); ++$n) {
            $forth = (array) $this->postJson("/api/versions/$version->id/redo", ['revision' => $lock])->assertOk()->json();
            $lock = $forth['version']['revision'];
            self::assertSame($distinct[$n], $forth['now']['formula'], "forth to $n");
        }
        self::assertFalse($this->bench($version)['version']['standing']['can_redo']);
    }

    public function testWhatWasTakenBackStaysToBeRestored(): void
    {
        $version = $this->original();
        $first = $this->formulaOf($version);
        $second = $first;
        $second['layers'][1]['lines'][0]['grams'] = 170;
        $this->save($version, 1, $second);
        $this->postJson("/api/versions/$version->id/undo", ['revision' => 2])->assertOk()->assertJsonPath('version.standing.can_redo', true);
        $third = $first;
        $third['layers'][1]['lines'][0]['grams'] = 99;
        $this->save($version, 3, $third);
        $history = (array) $this->getJson("/api/versions/$version->id/revisions")->json();
        self::assertSame([3, 2, 1], array_column($history, 'number'));
        self::assertSame([1, 1, null], array_column($history, 'from'), 'two branches from the first');
        $restored = $this->postJson("/api/versions/$version->id/revisions/2/restore", ['revision' => 4])->assertOk()->json();
        self::assertEqualsWithDelta(170, $restored['now']['formula']['layers'][1]['lines'][0]['grams'], 0.001);
        self::assertSame('Restored revision 2', $this->getJson("/api/versions/$version->id/revisions")->json('0.words.0'));
        $this->postJson("/api/versions/$version->id/revisions/2/restore", ['revision' => 1])->assertConflict();
        $this->postJson("/api/versions/$version->id/revisions/77/restore", ['revision' => 5])->assertNotFound();
        foreach ([1 => $first, 2 => $second, 3 => $third] as $number => $was) {
            $card = $this->getJson("/api/versions/$version->id/card?revision=$number")->assertOk()->assertJsonPath('revision', $number)->json();
            self::assertEqualsWithDelta($was['layers'][1]['lines'][0]['grams'], $card['ingredients'][1]['lines'][0]['grams'], 0.06);
        }
        $this->getJson("/api/versions/$version->id/card")->assertJsonPath('revision', 4);
        $compared = $this->getJson("/api/versions/$version->id/revisions/1/compare/3")->assertOk()->json();
        self::assertSame(['Revision 1', 'Revision 3'], [$compared['a']['name'], $compared['b']['name']]);
        self::assertCount(1, $compared['words']);
    }

    public function testWhatDiffersDoesNotHangOnWhichSideStandsFirst(): void
    {
        $version = $this->dish('Rhubarb buttermilk cream')->versions[1];
        self::assertNotNull($version->parent_id);
        $formula = $this->getJson("/api/versions/$version->id")->json('now.formula');
        foreach ($formula['layers'][0]['lines'] as $at => $line) {
            $formula['layers'][0]['lines'][$at]['grams'] = $line['ingredient'] === 'sugar' ? 30 : $line['grams'];
        }
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => $version->revision])->assertOk();
        $there = $this->getJson("/api/versions/$version->id/revisions/1/compare/2")->assertOk()->json('changes.diets');
        $back = $this->getJson("/api/versions/$version->id/revisions/2/compare/1")->assertOk()->json('changes.diets');
        $turned = array_map(static fn(array $one): array => [...$one, 'was' => $one['now'], 'now' => $one['was']], $back);
        self::assertEquals($there, $turned);
    }

    public function testALayerPutBetweenIsNotHeldAgainstAnother(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        array_splice($formula['layers'], 1, 0, [['name' => 'Jelly', 'treat' => 'none', 'tin' => null, 'loss' => null, 'lines' => [['text' => '200 g raspberry puree']]]]);
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => 1])->assertOk();
        $compared = $this->getJson("/api/versions/$version->id/revisions/1/compare/2")->assertOk()->json();
        self::assertSame([], $compared['changes']['layers'], 'every layer that was there reads as it did');
        self::assertSame(['Layer “Jelly” added'], $compared['words']);
    }

    public function testWhatIsTakenAgainCarriesItsTag(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][0]['grams'] = 111;
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => 1])->assertOk();
        $tag = (string) $this->postJson("/api/versions/$version->id/revisions/1/restore", ['revision' => 2])->assertOk()->headers->get('ETag');
        self::assertMatchesRegularExpression('/^"3-[0-9a-f]{16}"$/', $tag);
        $this->getJson("/api/versions/$version->id", ['If-None-Match' => $tag])->assertStatus(304);
    }

    public function testTheDishIsCalledWhatItsOriginalIsBackAndForthToo(): void
    {
        $version = $this->original();
        $was = $version->formula->title;
        $formula = $this->formulaOf($version);
        $formula['title'] = 'Lantern pots';
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => 1])->assertOk()->assertJsonPath('version.dish_title', 'Lantern pots');
        $this->postJson("/api/versions/$version->id/undo", ['revision' => 2])->assertOk()->assertJsonPath('version.dish_title', $was);
        $this->postJson("/api/versions/$version->id/redo", ['revision' => 3])->assertOk()->assertJsonPath('version.dish_title', 'Lantern pots');
        self::assertContains('Lantern pots', array_column((array) $this->getJson('/api/dishes')->json(), 'title'));
    }

    public function testAWriteMayCarryWhatItsWindowHasSeenAsAnEntityTag(): void
    {
        $version = $this->original();
        $opened = $this->getJson("/api/versions/$version->id")->assertOk();
        $tag = (string) $opened->headers->get('ETag');
        self::assertMatchesRegularExpression('/^"1-[0-9a-f]{16}"$/', $tag);
        $this->getJson("/api/versions/$version->id", ['If-None-Match' => $tag])->assertStatus(304);
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][0]['grams'] = 170;
        $saved = $this->patchJson("/api/versions/$version->id", ['formula' => $formula], ['If-Match' => $tag])->assertOk();
        self::assertStringStartsWith('"2-', (string) $saved->headers->get('ETag'));
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula], ['If-Match' => $tag])->assertStatus(412)->assertJsonPath('revision', 2);
        $this->postJson("/api/versions/$version->id/undo", [], ['If-Match' => '"2"'])->assertOk();
        $this->postJson("/api/versions/$version->id/redo")->assertUnprocessable()->assertJsonPath('field', 'revision');
        $this->getJson("/api/versions/$version->id", ['If-None-Match' => $tag])->assertOk();
    }

    public function testNothingThatWasIsWrittenOver(): void
    {
        $revision = Revision::query()->firstOrFail();
        $this->expectException(\LogicException::class);
        $revision->update(['author' => 'somebody else']);
    }

    public function testATrialKnowsWhatWasMade(): void
    {
        $version = $this->dish('Frozen quince bar')->versions[1];
        $formula = $this->formulaOf($version);
        $trial = ['made_on' => '2026-11-23', 'set_step' => 4, 'sweetness' => 'right', 'sharpness' => 'right', 'remark' => ''];
        $this->postJson("/api/versions/$version->id/trials", $trial)->assertCreated()->assertJsonPath('revision', 1);
        $formula['layers'][0]['lines'][0]['grams'] += 40;
        $this->save($version, 1, $formula);
        $this->postJson("/api/versions/$version->id/trials", $trial)->assertCreated()->assertJsonPath('revision', 2)->assertJsonPath('predicted.layer_id', fn(string $id): bool => \in_array($id, array_column($formula['layers'], 'id'), true));
        self::assertSame([1, 1], array_column((array) $this->getJson("/api/versions/$version->id/revisions")->json(), 'trials'));
        // A trial cannot be of another version's state.
        $this->expectException(\Illuminate\Database\QueryException::class);
        DB::table('trials')->where('version_id', $version->id)->update(['revision_id' => DB::table('heads')->where('version_id', '!=', $version->id)->value('revision_id')]);
    }

    public function testEditingTheOriginalLeavesVersionsAimedWhereTheyWere(): void
    {
        $dish = $this->dish();
        [$original, $vegan] = [$dish->versions[0], $dish->versions[1]];
        $rails = $this->bench($vegan)['rails'];
        $formula = $this->formulaOf($original);
        $formula['layers'][1]['lines'][0]['grams'] += 60;
        $edited = $this->save($original, 1, $formula);
        self::assertSame(['Vegan 1', 'Gluten-free 1'], array_column($edited['version']['aim']['behind'], 'name'));
        $bench = $this->bench($vegan);
        self::assertSame(['number' => 1, 'is_behind' => true, 'behind' => []], $bench['version']['aim']);
        self::assertSame($rails, $bench['rails']);
        $aimed = (array) $this->putJson("/api/versions/$vegan->id/aim")->assertOk()->json();
        self::assertFalse($aimed['version']['aim']['is_behind']);
        self::assertNotSame($rails, $aimed['rails']);
        self::assertSame(['Gluten-free 1'], array_column($this->bench($original)['version']['aim']['behind'], 'name'));
    }

    public function testTheTableOfWhatIsHeldFollowsTheHead(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][] = ['text' => '3 g agar'];
        $this->save($version, 1, $formula);
        $uses = $this->getJson('/api/uses?ingredient=agar')->assertOk()->json('uses');
        self::assertContains($version->id, array_column($uses, 'version_id'));
        $this->postJson("/api/versions/$version->id/undo", ['revision' => 2])->assertOk();
        self::assertNotContains($version->id, array_column($this->getJson('/api/uses?ingredient=agar')->json('uses'), 'version_id'));
        $eggs = $this->getJson('/api/uses?allergen=eggs')->assertOk()->json('uses');
        self::assertContains($version->id, array_column($eggs, 'version_id'));
        self::assertNotContains('Vegan 1', array_column(array_filter($eggs, static fn(array $one): bool => $one['dish'] === 'Passion-fruit curd tartlet'), 'version'));
        $this->getJson('/api/uses')->assertUnprocessable();
        $this->getJson('/api/uses?allergen=moonlight')->assertUnprocessable()->assertJsonPath('field', 'allergen');
        // How much of it is told by the formula as it stands, and every one of its ingredients is found by.
        $held = DB::table('version_ingredients')->where('version_id', $version->id)->orderBy('slug')->pluck('slug')->all();
        $sums = [];
        foreach ($this->formulaOf($version)['layers'] as $layer) {
            foreach ($layer['lines'] as $line) {
                $sums[$line['ingredient']] = ($sums[$line['ingredient']] ?? 0.0) + $line['grams'];
            }
        }
        ksort($sums);
        self::assertSame(array_keys($sums), $held);
        $formula = $this->formulaOf($version);
        foreach ($formula['layers'] as &$layer) {
            foreach ($layer['lines'] as &$line) {
                $line['grams'] *= 2;
            }
            unset($line);
        }
        unset($layer);
        $this->save($version, 3, $formula);
        foreach ($sums as $slug => $grams) {
            $used = array_column($this->getJson("/api/uses?ingredient=$slug")->json('uses'), null, 'version_id');
            self::assertEqualsWithDelta(2 * $grams, $used[$version->id]['grams'], 0.01, $slug);
        }
    }

    public function testADishWithTwoLayersOfOneNameGoesThroughItsWholeJourney(): void
    {
        $text = "title: Twice cream\nportions: 4\nlayer: Cream\ntreat: melt\n300 g whipping cream\n30 g sugar\n6 g gelatin powder\nlayer: Cream\ntreat: whip\n200 g whipping cream\n10 g sugar\n";
        $id = $this->postJson('/api/dishes', ['text' => $text])->assertCreated()->json('versions.0.id');
        $routes = (array) $this->postJson("/api/versions/$id/routes", ['diets' => ['vegetarian']])->assertOk()->json('routes');
        $made = (array) $this->postJson("/api/versions/$id/versions", ['diets' => ['vegetarian'], 'route' => $routes[0]['hash']])->assertCreated()->json();
        $bench = (array) $this->getJson("/api/versions/{$made['version']['id']}")->json();
        self::assertSame(array_column($bench['original']['formula']['layers'], 'id'), array_column($bench['now']['formula']['layers'], 'id'));
        $version = Version::query()->where('id', $made['version']['id'])->firstOrFail();
        $formula = $bench['now']['formula'];
        $formula['layers'] = array_reverse($formula['layers']);
        $turned = $this->save($version, 1, $formula);
        self::assertEquals(array_reverse($bench['rails']), $turned['rails'], 'each is still held against its own');
        self::assertNotEquals($bench['rails'], $turned['rails']);
        self::assertSame('Layers in another order: Cream, Cream', $this->getJson("/api/versions/$version->id/revisions")->json('0.words.0'));
        $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-11-23', 'set_step' => 3, 'sweetness' => 'right', 'sharpness' => 'right', 'remark' => ''])->assertCreated();
        $card = $this->getJson("/api/versions/$version->id/card")->assertOk()->json();
        self::assertSame(['Cream', 'Cream'], array_column($card['ingredients'], 'layer'));
        $this->postJson("/api/versions/$version->id/undo", ['revision' => 2])->assertOk()->assertJsonPath('now.formula.layers.0.id', $bench['now']['formula']['layers'][0]['id']);
    }

    public function testADishWithALongHistoryCanBeTakenAway(): void
    {
        $version = $this->dish('Cardamom set custard')->versions[1];
        $lock = $version->revision;
        $formula = $this->getJson("/api/versions/$version->id")->json('now.formula');
        for ($n = 1; $n <= 40; ++$n) {
            $formula['layers'][0]['lines'][0]['grams'] = 300.0 + $n;
            $lock = $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => $lock])->assertOk()->json('version.revision');
        }
        self::assertGreaterThan(40, \Illuminate\Support\Facades\DB::table('revisions')->where('version_id', $version->id)->count());
        $this->deleteJson("/api/dishes/$version->dish_id")->assertNoContent();
        self::assertGreaterThan(40, \Illuminate\Support\Facades\DB::table('revisions')->where('version_id', $version->id)->count());
        $this->deleteJson("/api/removed/dishes/$version->dish_id")->assertNoContent();
        self::assertSame(0, \Illuminate\Support\Facades\DB::table('revisions')->where('version_id', $version->id)->count());
    }
}
