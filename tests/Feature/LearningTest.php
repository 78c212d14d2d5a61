<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Role;
use App\Models\Exercise;
use App\Models\Membership;
use App\Models\PotLadder;
use App\Models\Studio;
use App\Models\Tasting;
use App\Models\Trial;
use App\Models\User;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Transmuta\Property\Setting\Ladder;

/** What the kitchen learns: trials, factors, pots, faults, tastings, the tree of a dish, exercises. */
final class LearningTest extends FeatureCase
{
    public static function picture(int $width = 40, int $height = 20): string
    {
        $drawn = imagecreatetruecolor(max(1, $width), max(1, $height));
        ob_start();
        imagejpeg($drawn);

        return (string) ob_get_clean();
    }

    private function version(string $dish, string $name): Version
    {
        return Version::query()->where('name', $name)->whereRelation('dish', 'title', $dish)->firstOrFail();
    }

    public function testATrialSaysWhatWasLookedAtAndNothingElse(): void
    {
        $version = $this->version('Cardamom set custard', 'Original');
        $layer = (string) $version->formula->layers[0]->id;
        $said = [
            'made_on' => '2026-11-20', 'layers' => [['layer_id' => $layer, 'protocol' => 'p1', 'value' => 36]], 'weep_g' => 0.4, 'grain' => 'smooth', 'ph' => 6.4, 'brix' => 24, 'height_mm' => 31,
            'colour' => 'paler', 'cut' => 'clean', 'keeps' => [['day' => 3, 'words' => 'a little loose'], ['day' => 1, 'words' => 'fine']], 'verdict' => 'change', 'next' => 'a yolk more',
        ];
        $trial = $this->postJson("/api/versions/$version->id/trials", $said)->assertCreated()
            ->assertJsonPath('found.layers.0.protocol', 'P1')->assertJsonPath('found.weep_g', 0.4)->assertJsonPath('sweetness', null)->assertJsonPath('sharpness', null)->assertJsonPath('verdict', 'change')
            ->assertJsonPath('found.keeps.0.day', 1)->assertJsonPath('next', 'a yolk more')->assertJsonPath('who', 'Ilka')->assertJsonPath('corrections', [])->json();
        self::assertSame((int) floor($trial['found']['layers'][0]['u']), $trial['set_step']);
        self::assertCount(7, $trial['predicted']['layers'][0]['chances']);
        foreach ([['layers' => [['layer_id' => $layer, 'protocol' => 'P9', 'value' => 3]]], ['layers' => [['layer_id' => 'none', 'step_index' => 3]]], ['ph' => 15], ['grain' => 'moonlike'], ['sweetness' => 'very'], ['keeps' => [['day' => 5, 'words' => 'x']]], ['verdict' => 'maybe'], ['run_id' => 999999]] as $wrong) {
            $this->postJson("/api/versions/$version->id/trials", [...$said, ...$wrong])->assertUnprocessable()->assertJsonPath('field', fn(string $field): bool => str_starts_with($field, (string) array_key_first($wrong)));
        }
    }

    public function testACorrectionKeepsWhatStoodThere(): void
    {
        $version = $this->version('Cardamom set custard', 'Original');
        $id = $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-11-20', 'set_step' => 3, 'remark' => 'soft'])->json('id');
        $layer = (string) $version->formula->layers[0]->id;
        $this->putJson("/api/trials/$id", ['made_on' => '2026-11-20', 'layers' => [['layer_id' => $layer, 'step_index' => 4]], 'remark' => 'soft', 'why' => 'looked too early', 'revision' => 1])->assertOk()
            ->assertJsonPath('set_step', 4)->assertJsonPath('corrections.0.why', 'looked too early')->assertJsonPath('corrections.0.was.set_step', 3)->assertJsonPath('edition', 2);
        // Said again as it stands is no correction.
        $this->putJson("/api/trials/$id", ['made_on' => '2026-11-20', 'layers' => [['layer_id' => $layer, 'step_index' => 4]], 'remark' => 'soft', 'revision' => 2])->assertOk()->assertJsonCount(1, 'corrections');
    }

    public function testATrialOfARunIsOfTheRevisionThatWasMade(): void
    {
        $version = $this->original();
        $run = $this->postJson("/api/versions/$version->id/runs", ['portions' => 4])->json('id');
        $formula = $this->formulaOf($version);
        $formula['layers'][0]['lines'][0]['grams'] += 10;
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => $version->revision])->assertOk();
        $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-11-20', 'verdict' => 'keep', 'run_id' => $run])->assertCreated()->assertJsonPath('revision', 1)->assertJsonPath('run_id', $run);
    }

    public function testAPictureIsDrawnAnewAndNothingElseIsTaken(): void
    {
        $trial = Trial::query()->firstOrFail();
        $photo = $this->postJson("/api/trials/$trial->id/photos", ['image' => base64_encode(self::picture(3000, 1500)), 'words' => 'cut'])->assertCreated()->assertJsonPath('photos.0.width', 1280)->assertJsonPath('photos.0.height', 640)->json('photos.0.id');
        $answer = $this->getJson("/api/photos/$photo")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertSame([1280, 640], \array_slice((array) getimagesizefromstring((string) $answer->getContent()), 0, 2));
        foreach (['not a picture' => base64_encode('<svg onload="x()">'), 'nothing' => '', 'no base64' => '%%%', 'a page' => base64_encode('<html>')] as $image) {
            $this->postJson("/api/trials/$trial->id/photos", ['image' => $image])->assertUnprocessable()->assertJsonPath('field', 'image');
        }
        $this->deleteJson("/api/photos/$photo")->assertNoContent();
        $this->getJson("/api/photos/$photo")->assertNotFound();
    }

    public function testWhereAPictureWasTakenIsGone(): void
    {
        // A comment stands for whatever a camera writes beside the picture.
        $plain = self::picture();
        $marked = substr($plain, 0, 2) . "\xFF\xFE\x00\x12taken at 52.1N 5E" . substr($plain, 2);
        self::assertStringContainsString('52.1N', $marked);
        [$jpeg] = \App\Services\Photos::drawnAnew(base64_encode($marked));
        self::assertStringNotContainsString('52.1N', $jpeg);
    }

    public function testAFactorIsProposedTakenOverNamedAndLetGo(): void
    {
        $learning = $this->getJson('/api/learning')->assertOk()->json();
        $agar = array_column($learning['factors'], null, 'mechanism')['agar'];
        self::assertTrue($agar['proposed'], (string) json_encode($agar));
        self::assertLessThan(1.0, $agar['high']);
        self::assertGreaterThan(20, $learning['trials']);
        self::assertNotSame([], $learning['reliability']['classes']);
        $version = $this->version('Rhubarb buttermilk cream', 'Vegan 1');
        $set = fn(): array => $this->getJson("/api/versions/$version->id")->assertOk()->json('now.reading.layers.1.set');
        $before = $set();
        self::assertArrayNotHasKey('factors', $before);
        $this->putJson('/api/factors/agar', ['use' => true])->assertOk();
        app()->forgetScopedInstances();
        $after = $set();
        self::assertEqualsWithDelta($agar['factor'], $after['factors']['agar'], 1e-9);
        self::assertLessThan($before['ge'], $after['ge']);
        self::assertLessThan($before['high'] - $before['low'], $after['high'] - $after['low']);
        // Learnt against the shipped model, whatever is in use.
        self::assertEqualsWithDelta($agar['factor'], array_column((array) $this->getJson('/api/learning')->json('factors'), null, 'mechanism')['agar']['factor'], 1e-9);
        self::assertSame(1, DB::table('audits')->where('what', 'PUT factors/{mechanism}')->count());
        app()->forgetScopedInstances();
        $this->putJson('/api/factors/agar', ['use' => false])->assertOk();
        app()->forgetScopedInstances();
        self::assertSame($before, $set());
        $this->putJson('/api/factors/agar', ['use' => false])->assertUnprocessable();
        $this->putJson('/api/factors/starch', ['use' => true])->assertUnprocessable()->assertJsonPath('field', 'mechanism');
        $this->putJson('/api/factors/moon', ['use' => true])->assertUnprocessable();
    }

    public function testAPacketOfThreeBatchesIsToldByItself(): void
    {
        $version = $this->version('Rhubarb buttermilk cream', 'Vegan 1');
        $layer = array_values(array_filter($version->formula->layers, static fn($one): bool => \in_array('agar', array_column($one->lines, 'ingredient'), true)))[0]->id;
        $lot = $this->postJson('/api/shelf/agar/lots', ['code' => 'S 7'])->assertCreated()->json('id');
        self::assertSame([], $this->getJson('/api/learning')->json('packets'));
        foreach (['2026-11-20', '2026-11-21', '2026-11-22'] as $day) {
            $this->postJson("/api/versions/$version->id/trials", ['made_on' => $day, 'layers' => [['layer_id' => $layer, 'step_index' => 1]], 'lots' => [$lot]])->assertCreated();
        }
        $packet = $this->getJson('/api/learning')->assertOk()->assertJsonCount(1, 'packets')->json('packets.0');
        self::assertSame(['agar', 'S 7', 3], [$packet['mechanism'], $packet['code'], $packet['n']]);
        self::assertLessThan(1.0, $packet['factor']);
        // A packet of what sets nothing of the layer it is in is told nothing of, however often it was tried.
        $sugar = $this->postJson('/api/shelf/sugar/lots', ['code' => 'Z 1'])->assertCreated()->json('id');
        foreach (['2026-11-23', '2026-11-24', '2026-11-25'] as $day) {
            $this->postJson("/api/versions/$version->id/trials", ['made_on' => $day, 'layers' => [['layer_id' => $layer, 'step_index' => 1]], 'lots' => [$sugar]])->assertCreated();
        }
        self::assertSame(['agar'], array_values(array_unique(array_column((array) $this->getJson('/api/learning')->json('packets'), 'mechanism'))));
    }

    public function testPotsAreDesignedJudgedAndTakenOver(): void
    {
        $version = $this->version('Rhubarb buttermilk cream', 'Vegan 1');
        $at = 0;
        foreach ($version->formula->layers as $n => $layer) {
            $at = \in_array('agar', array_column($layer->lines, 'ingredient'), true) ? $n : $at;
        }
        $layer = $version->formula->layers[$at];
        $line = $layer->lines[(int) array_search('agar', array_column($layer->lines, 'ingredient'), true)];
        $asked = ['asked' => 'set', 'layer_id' => $layer->id, 'lines' => [$line->id], 'wanted' => 4, 'pots' => 5, 'step' => 1.3, 'pot_g' => 80, 'seed' => 11];
        $ladder = $this->postJson("/api/versions/$version->id/ladders", $asked)->assertCreated()->json();
        $pots = $ladder['design']['pots'];
        self::assertCount(5, $pots);
        foreach ($pots as $n => $pot) {
            self::assertEqualsWithDelta(80.0, $pot['base'] + ($pot['stock'] ?? $pot['agent']) + ($pot['liquid'] ?? 0.0), 0.001);
            self::assertTrue($n === 0 || $pot['dose'] > $pots[$n - 1]['dose']);
        }
        self::assertSame([], array_intersect([100, 111, 180, 200, 999], array_column($pots, 'code')));
        // Both sides of what is wanted.
        self::assertLessThan(Ladder::ge(4.5), $pots[0]['foretold']);
        self::assertGreaterThan(Ladder::ge(4.5), $pots[4]['foretold']);
        $found = array_combine(array_column($pots, 'code'), [[2, 2], [3], [3.5], [4, 5], [5]]);
        $this->putJson("/api/ladders/$ladder[id]/found", ['found' => [$pots[0]['code'] => [9]]])->assertUnprocessable();
        $this->putJson("/api/ladders/$ladder[id]/found", ['found' => [7 => [3]]])->assertUnprocessable();
        $fit = $this->putJson("/api/ladders/$ladder[id]/found", ['found' => $found])->assertOk()->json('fit');
        self::assertLessThan($fit['dose']['value'], $fit['dose']['low']);
        $version->refresh();
        $bench = $this->postJson("/api/ladders/$ladder[id]/revision", ['revision' => $version->revision])->assertOk()->json();
        $state = $bench['now']['formula']['layers'][$at];
        $mass = array_sum(array_column($state['lines'], 'grams'));
        $own = array_column($state['lines'], 'grams', 'ingredient')['agar'];
        self::assertEqualsWithDelta($fit['dose']['value'], 100 * $own / $mass, 0.02);
        foreach ([['pots' => 2], ['step' => 2.5], ['pot_g' => 5], ['wanted' => 6], ['lines' => ['none']], ['layer_id' => 'none']] as $wrong) {
            $this->postJson("/api/versions/$version->id/ladders", [...$asked, ...$wrong])->assertUnprocessable();
        }
        $this->deleteJson("/api/ladders/$ladder[id]")->assertNoContent();
    }

    public function testPotsOfATasteFindTheDoseThatIsRight(): void
    {
        $version = $this->version('Cardamom set custard', 'Original');
        $layer = $version->formula->layers[0];
        $sugar = null;
        foreach ($layer->lines as $line) {
            $sugar = $line->ingredient === 'sugar' ? $line : $sugar;
        }
        self::assertNotNull($sugar);
        $ladder = $this->postJson("/api/versions/$version->id/ladders", ['asked' => 'sweetness', 'layer_id' => $layer->id, 'lines' => [$sugar->id], 'wanted' => 4, 'pots' => 3, 'step' => 1.3, 'pot_g' => 100])->assertCreated()->assertJsonPath('design.mechanism', null)->json();
        $codes = array_column($ladder['design']['pots'], 'code');
        $fit = $this->putJson("/api/ladders/$ladder[id]/found", ['found' => [$codes[0] => ['right', 'right'], $codes[1] => ['too much', 'right'], $codes[2] => ['too much', 'too much']]])->assertOk()->json('fit');
        self::assertLessThan($ladder['design']['pots'][1]['dose'], $fit['dose']['value']);
        $this->putJson("/api/ladders/$ladder[id]/found", ['found' => [$codes[0] => ['lovely']]])->assertUnprocessable();
        self::assertNotSame([], $this->getJson('/api/ladders')->assertOk()->json());
    }

    public function testWhichLadderWouldTeachMost(): void
    {
        $version = $this->version('Rhubarb buttermilk cream', 'Vegan 1');
        $this->getJson("/api/versions/$version->id/teaching")->assertOk()->assertJsonPath('0.mechanism', 'agar')->assertJsonPath('0.name', 'agar');
    }

    public function testAFaultIsExplainedByTheFormulaTheRunAndTheTrialsBefore(): void
    {
        self::assertGreaterThan(30, \count((array) $this->getJson('/api/faults')->assertOk()->json()));
        $version = $this->version('Rhubarb buttermilk cream', 'Vegan 1');
        $plain = $this->postJson("/api/versions/$version->id/faults", ['fault' => 'did not set'])->assertOk()->json();
        self::assertEqualsWithDelta(1.0, array_sum(array_column($plain['causes'], 'chance')), 1e-6);
        self::assertStringContainsString('came out softer than foretold', (string) json_encode($plain['causes']));
        $run = $this->postJson("/api/versions/$version->id/runs", ['portions' => 4])->assertCreated()->json();
        $boil = array_values(array_filter($run['making']['steps'], static fn(array $step): bool => $step['kind'] === 'boil'))[0]['id'] ?? $run['making']['steps'][3]['id'];
        foreach ([[0, 60.0], [40, 97.0], [70, 98.0]] as $n => [$seconds, $celsius]) {
            $this->postJson("/api/runs/$run[id]/events", ['events' => [['client_id' => str_repeat('A', 25) . $n, 'kind' => 'temperature', 'step' => $boil, 'body' => ['celsius' => $celsius, 'seconds' => $seconds], 'at' => \sprintf('2026-12-05T10:00:%02d', $seconds % 60 === 10 ? 59 : $seconds)]]])->assertOk();
        }
        $of = $this->postJson("/api/versions/$version->id/faults", ['fault' => 'did not set', 'run_id' => $run['id'], 'facts' => ['core_c' => 6]])->assertOk()->json();
        self::assertSame(98, (int) $of['facts']['t_max_c']);
        $this->postJson("/api/versions/$version->id/faults", ['fault' => 'moonstruck'])->assertUnprocessable()->assertJsonPath('field', 'fault');
        $this->postJson("/api/versions/$version->id/faults", ['fault' => 'weeps', 'facts' => ['core_c' => 'warm']])->assertUnprocessable();
    }

    public function testWhatIsToBeDoneNextTimeBecomesARevisionAndIsRefusedWhereItCannotBe(): void
    {
        $version = $this->version('Night-sky lime icebox pie', 'Vegan 1');
        $found = $this->postJson("/api/versions/$version->id/faults", ['fault' => 'weeps'])->assertOk()->json();
        $cause = array_values(array_filter($found['causes'], static fn(array $one): bool => $one['change'] !== null))[0];
        self::assertNotSame([], $cause['change']['words']);
        $asked = ['fault' => $cause['fault'], 'row' => $cause['row'], 'layer_id' => $found['layer_id'], 'revision' => $version->revision];
        $now = $this->postJson("/api/versions/$version->id/faults/revision", $asked)->assertOk()->assertJsonPath('version.standing.can_undo', true)->json();
        self::assertSame($version->revision + 1, $now['version']['revision']);
        self::assertNotEquals($version->formula, $version->refresh()->formula);
        // Another window, a layer of no version, and a fault nothing can be changed for.
        $this->postJson("/api/versions/$version->id/faults/revision", $asked)->assertConflict();
        $this->postJson("/api/versions/$version->id/faults/revision", ['layer_id' => str_repeat('0', 26), 'revision' => $version->revision] + $asked)->assertUnprocessable()->assertJsonPath('field', 'layer_id');
        $this->postJson("/api/versions/$version->id/faults/revision", ['fault' => 'seized', 'row' => 1, 'revision' => $version->revision] + $asked)->assertUnprocessable()->assertJsonPath('field', 'fault');
    }

    public function testATastingIsSealedUntilItIsClosedAndOpenedByItsCodeAlone(): void
    {
        [$a, $b] = [$this->version('Cardamom set custard', 'Original')->id, $this->version('Cardamom set custard', 'Vegan 1')->id];
        $plan = ['title' => 'Custards', 'method' => 'triangle', 'sided' => 'one', 'tasters' => 6, 'alpha' => 0.05, 'power' => 0.8, 'pd' => 0.5, 'samples' => [['version_id' => $a], ['version_id' => $b]], 'seed' => 3];
        $tasting = $this->postJson('/api/tastings', $plan)->assertCreated()->assertJsonPath('seats.0.letters', null)->assertJsonPath('result', null)->assertJsonPath('balanced', true)->json();
        self::assertEqualsWithDelta(0.351, $tasting['power']['here'], 0.001, 'six tasters in a triangle at half who can tell');
        self::assertContains('milk', $tasting['samples'][0]['contains']);
        $key = (array) $this->postJson("/api/tastings/$tasting[id]/key")->assertOk()->json();
        $this->app?->make('auth')->forgetGuards();
        app()->forgetScopedInstances();
        $table = $this->getJson("/api/tables/$tasting[code]")->assertOk()->assertJsonMissingPath('seats')->json();
        self::assertContains('milk', $table['contains']);
        self::assertStringNotContainsString('Vegan', (string) json_encode($table));
        for ($n = 0; $n < 6; ++$n) {
            ['seat' => $seat, 'secret' => $secret] = (array) $this->postJson("/api/tables/$tasting[code]/seats")->assertCreated()->json();
            $pours = $key[$seat['number'] - 1]['pours'];
            $counts = array_count_values(array_column($pours, 'letter'));
            $odd = array_values(array_filter($pours, static fn(array $one): bool => $counts[$one['letter']] === 1))[0]['code'];
            if ($n === 0) {
                $this->putJson("/api/tables/$tasting[code]/seats/$seat[number]", ['secret' => $secret, 'answer' => ['chosen' => $odd]])->assertUnprocessable()->assertJsonPath('field', 'acknowledged');
                $this->putJson("/api/tables/$tasting[code]/seats/$seat[number]", ['secret' => 'somebody else', 'acknowledged' => true])->assertNotFound();
                $this->putJson("/api/tables/$tasting[code]/seats/$seat[number]", ['secret' => $secret, 'acknowledged' => true, 'answer' => ['chosen' => 5]])->assertUnprocessable();
            }
            $this->putJson("/api/tables/$tasting[code]/seats/$seat[number]", ['secret' => $secret, 'acknowledged' => true])->assertOk();
            $this->putJson("/api/tables/$tasting[code]/seats/$seat[number]", ['secret' => $secret, 'answer' => ['chosen' => $odd]])->assertOk()->assertJsonPath('answered', true);
        }
        $this->postJson("/api/tables/$tasting[code]/seats")->assertUnprocessable();
        $this->signIn('Ilka');
        app()->forgetScopedInstances();
        $this->getJson("/api/tastings/$tasting[id]")->assertOk()->assertJsonPath('answered', 6)->assertJsonPath('result', null)->assertJsonPath('seats.0.answer', null);
        $this->postJson("/api/tastings/$tasting[id]/close", [])->assertOk()->assertJsonPath('result.evaluation.correct', 6)->assertJsonPath('result.evaluation.significant', true)->assertJsonPath('result.evaluation.d_prime.value', null);
        $this->getJson("/api/tables/$tasting[code]")->assertJsonPath('is_closed', true);
        $this->deleteJson("/api/tastings/$tasting[id]")->assertNoContent();
        $this->getJson("/api/tables/$tasting[code]")->assertNotFound();
        foreach ([['samples' => [['version_id' => 999999], ['version_id' => $b]]], ['samples' => [['version_id' => $a]]], ['tasters' => 0], ['method' => 'guess']] as $wrong) {
            $this->postJson('/api/tastings', [...$plan, ...$wrong])->assertUnprocessable();
        }
    }

    public function testJustRightIsCountedByAttributeAndPairsByWhatIsChosen(): void
    {
        [$a, $b] = [$this->version('Cardamom set custard', 'Original')->id, $this->version('Cardamom set custard', 'Vegan 1')->id];
        $plan = ['title' => 'x', 'sided' => 'two', 'alpha' => 0.05, 'power' => 0.8, 'pd' => 0.5, 'samples' => [['version_id' => $a], ['version_id' => $b]]];
        $just = $this->postJson('/api/tastings', [...$plan, 'method' => 'just-right', 'tasters' => 2, 'attributes' => ['sweetness']])->assertCreated()->json();
        $pair = $this->postJson('/api/tastings', [...$plan, 'method' => 'paired', 'tasters' => 2, 'question' => 'Which is sweeter?'])->assertCreated()->json();
        for ($n = 0; $n < 2; ++$n) {
            ['seat' => $seat, 'secret' => $secret] = (array) $this->postJson("/api/tables/$just[code]/seats")->json();
            $this->putJson("/api/tables/$just[code]/seats/$seat[number]", ['secret' => $secret, 'acknowledged' => true, 'answer' => ['samples' => [$seat['codes'][0] => ['sweetness' => 'right', 'liking' => 7]]]])->assertUnprocessable();
            $this->putJson("/api/tables/$just[code]/seats/$seat[number]", ['secret' => $secret, 'acknowledged' => true, 'answer' => ['samples' => array_fill_keys($seat['codes'], ['sweetness' => 'too much', 'liking' => 6])]])->assertOk();
            ['seat' => $seat, 'secret' => $secret] = (array) $this->postJson("/api/tables/$pair[code]/seats")->json();
            $this->putJson("/api/tables/$pair[code]/seats/$seat[number]", ['secret' => $secret, 'acknowledged' => true, 'answer' => ['chosen' => $seat['codes'][0]]])->assertOk();
        }
        $this->postJson("/api/tastings/$just[id]/close", [])->assertOk()->assertJsonPath('result.judged.0.liking', 6)->assertJsonPath('result.judged.0.attributes.0.shares.high', 1)->assertJsonPath('result.judged.0.attributes.0.sides.1.judged', false);
        $this->postJson("/api/tastings/$pair[id]/close", [])->assertOk()->assertJsonPath('result.evaluation.sided', 'two')->assertJsonPath('result.evaluation.correct', 1);
        self::assertGreaterThan(2, \count((array) $this->getJson('/api/tastings')->assertOk()->json()));
    }

    public function testADishIsATreeAndAnyTwoOfItStandBesideEachOther(): void
    {
        $dish = $this->dish('Rhubarb buttermilk cream');
        $nodes = (array) $this->getJson("/api/dishes/$dish->id/lineage")->assertOk()->json();
        $ids = array_column($nodes, 'id');
        self::assertSame(['version', 'revision', 'trial', 'ladder'], array_values(array_intersect(['version', 'revision', 'run', 'trial', 'ladder'], array_unique(array_column($nodes, 'kind')))));
        foreach ($nodes as $node) {
            self::assertTrue($node['parent'] === null || \in_array($node['parent'], $ids, true), "$node[id] hangs on $node[parent]");
        }
        $revisions = array_values(array_filter($nodes, static fn(array $n): bool => $n['kind'] === 'revision'));
        $this->getJson("/api/dishes/$dish->id/compare/{$revisions[0]['revision_id']}/{$revisions[1]['revision_id']}")->assertOk()->assertJsonPath('a.name', 'Original, revision 1');
        $other = $this->dish('Frozen quince bar');
        $this->getJson("/api/dishes/$other->id/compare/{$revisions[0]['revision_id']}/{$revisions[1]['revision_id']}")->assertNotFound();
    }

    public function testExercisesAreAnsweredOnceAndTellTheirReason(): void
    {
        foreach (['set', 'sweetness', 'split', 'dose', 'trial'] as $skill) {
            $asked = $this->postJson('/api/exercises', ['skill' => $skill, 'seed' => 5])->assertCreated()->assertJsonPath('answer', null)->assertJsonPath('why', [])->json();
            $key = (array) Exercise::query()->whereKey($asked['id'])->firstOrFail()->key['key'];
            $right = match ($asked['question']['form']) {
                'step' => $key['step'],
                'pick' => $key['pick'],
                'order' => $key['order'],
                default => $key['grams'],
            };
            $this->postJson("/api/exercises/$asked[id]/answer", ['answer' => 'nothing of the kind'])->assertUnprocessable();
            $this->postJson("/api/exercises/$asked[id]/answer", ['answer' => $right])->assertOk()->assertJsonPath('score', fn(float|int $score): bool => abs($score - 1.0) < 0.02)->assertJsonPath('answered', true);
            $this->postJson("/api/exercises/$asked[id]/answer", ['answer' => $right])->assertUnprocessable();
        }
        $progress = (array) $this->getJson('/api/school')->assertOk()->json();
        self::assertSame([1, 1, 1, 1, 1], array_column($progress, 'n'));
        self::assertSame([false, false, false, false, false], array_column($progress, 'is_due'));
        // Another person's exercise is nobody else's.
        $mine = $this->postJson('/api/exercises', [])->assertCreated()->json('id');
        $this->signIn('Jorun');
        app()->forgetScopedInstances();
        $this->postJson("/api/exercises/$mine/answer", ['answer' => 1])->assertNotFound();
    }

    public function testAKitchenThatHasWrittenNothingDownIsAskedAboutTheDishesThatShip(): void
    {
        $studio = Studio::query()->create(['name' => 'New', 'slug' => 'new-kitchen', 'shelf_revision' => 1, 'schools' => []]);
        $user = User::query()->create(['name' => 'Odile', 'email' => 'odile@new.example', 'password' => 'a few words to remember']);
        Membership::query()->create(['user_id' => $user->id, 'studio_id' => $studio->id, 'role' => Role::Owner]);
        $this->actingAs($user->refresh());
        app()->forgetScopedInstances();
        foreach (['set', 'sweetness', 'split', 'dose'] as $skill) {
            $this->postJson('/api/exercises', ['skill' => $skill])->assertCreated();
        }
        $this->postJson('/api/exercises', ['skill' => 'trial'])->assertUnprocessable()->assertJsonPath('field', 'skill');
        $this->getJson('/api/learning')->assertOk()->assertJsonPath('trials', 0)->assertJsonPath('reliability', null);
    }

    public function testTheDemoShowsWhatIsLearnt(): void
    {
        self::assertNotNull(PotLadder::query()->firstOrFail()->fit);
        self::assertNotNull(Tasting::query()->firstOrFail()->closed_at);
        self::assertGreaterThan(20, Trial::query()->count());
        self::assertNotSame([], $this->getJson('/api/protocols')->assertOk()->json());
    }
}
