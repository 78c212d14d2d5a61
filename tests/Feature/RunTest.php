<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\Instruments;
use App\Models\RunEvent;
use Transmuta\Instrument\LineProtocol;
use Transmuta\Instrument\ProbeReading;
use Transmuta\Instrument\ScaleReading;

/** What is made at the stove: begun, weighed out, noted, finished; each event once, whatever the line does. */
final class RunTest extends FeatureCase
{
    private int $said = 0;

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    private function event(string $kind, string $step = '', array $body = []): array
    {
        return ['client_id' => str_pad((string) ++$this->said, 26, '0', STR_PAD_LEFT), 'kind' => $kind, 'step' => $step, ...($body === [] ? [] : ['body' => $body]), 'at' => '2026-12-05T10:00:00'];
    }

    /** @return array<string, mixed> */
    private function begun(int $portions = 24): array
    {
        $run = $this->postJson('/api/versions/' . $this->original()->id . '/runs', ['portions' => $portions])->assertCreated()->json();
        self::assertIsArray($run);

        return $run;
    }

    public function testARunIsMadeOfARevisionForSoMany(): void
    {
        $run = $this->begun();
        self::assertSame(['Passion-fruit curd tartlet', 24, 'Ilka', null], [$run['dish'], $run['portions'], $run['who'], $run['finished_at']]);
        $juice = array_values(array_filter($run['weighing'], static fn(array $w): bool => str_contains($w['name'], 'passion-fruit juice')))[0];
        self::assertEqualsWithDelta(328.0, $juice['asked'], 0.2);
        // What is changed afterwards is not what is being made.
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][0]['grams'] *= 2;
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => $version->refresh()->revision])->assertOk();
        $again = $this->getJson("/api/runs/$run[id]")->assertOk()->json();
        self::assertSame($run['weighing'], $again['weighing']);
        $this->getJson('/api/runs')->assertOk()->assertJsonPath('0.id', $run['id']);
    }

    public function testWhatHappenedIsSaidOnceAndWhatCameShortIsMended(): void
    {
        $run = $this->begun();
        $curd = array_values(array_filter($run['weighing'], static fn(array $w): bool => $w['layer'] === 1));
        $short = $this->event('weighed', $curd[0]['step'], ['ingredient' => $curd[0]['ingredient'], 'grams' => $curd[0]['asked'] * 0.8]);
        $now = $this->postJson("/api/runs/$run[id]/events", ['events' => [$short, $this->event('done', 'a1')]])->assertOk()->json();
        self::assertCount(2, $now['events']);
        self::assertTrue(array_values(array_filter($now['weighing'], static fn(array $w): bool => $w['ingredient'] === $curd[0]['ingredient'] && $w['layer'] === 1))[0]['is_off']);
        self::assertEqualsWithDelta(0.8, $now['mends'][0]['factor'], 1e-6);
        // The answer was lost and it is sent again, with more behind it.
        $mend = $this->event('scaled', '', ['layer' => 1, 'factor' => $now['mends'][0]['factor']]);
        $again = $this->postJson("/api/runs/$run[id]/events", ['events' => [$short, $mend]])->assertOk()->json();
        self::assertCount(3, $again['events']);
        self::assertSame([], $again['mends']);
        foreach ($again['weighing'] as $n => $line) {
            self::assertEqualsWithDelta($run['weighing'][$n]['asked'] * ($line['layer'] === 1 ? 0.8 : 1.0), $line['asked'], 1e-6);
        }
    }

    public function testAFinishedRunIsARecord(): void
    {
        $run = $this->begun();
        $line = $run['weighing'][0];
        $this->postJson("/api/runs/$run[id]/events", ['events' => [
            $this->event('weighed', $line['step'], ['ingredient' => $line['ingredient'], 'grams' => 280]), $this->event('temperature', 'b3', ['celsius' => 82.5]), $this->event('note', 'b3', ['text' => '=HYPERLINK("x")']), $this->event('timer', 'b3', ['minutes' => 5]), $this->event('finished'),
        ]])->assertOk()->assertJsonPath('events.4.kind', 'finished');
        self::assertNotNull($this->getJson("/api/runs/$run[id]")->json('finished_at'));
        $this->postJson("/api/runs/$run[id]/events", ['events' => [$this->event('done', 'a2')]])->assertUnprocessable();
        $this->postJson("/api/runs/$run[id]/events", ['events' => [$this->event('note', '', ['text' => 'tasted well'])]])->assertOk();
        self::assertSame(6, RunEvent::query()->where('run_id', $run['id'])->count());
        $csv = (string) $this->getJson("/api/runs/$run[id]/record.csv")->assertOk()->getContent();
        self::assertSame(7, substr_count(trim($csv), "\n") + 1);
        self::assertStringContainsString('82.5', $csv);
        // Harmless in a sheet.
        self::assertStringContainsString("'=HYPERLINK", $csv);
    }

    public function testWhatCannotBeMeantIsRefusedWholeAndNamed(): void
    {
        $run = $this->begun(2);
        $bad = fn(array $event, string $field) => $this->postJson("/api/runs/$run[id]/events", ['events' => [$this->event('done', 'a1'), $event]])->assertUnprocessable()->assertJsonPath('field', $field);
        $bad($this->event('weighed', 'a1', ['ingredient' => 'butter', 'grams' => -3]), 'events.1.body.grams');
        $bad($this->event('temperature', 'a1', ['celsius' => 'hot']), 'events.1.body.celsius');
        $bad($this->event('note', 'a1', ['text' => ' ']), 'events.1.body.text');
        $bad(['kind' => 'burnt'] + $this->event('done'), 'events.1.kind');
        $bad(['at' => 'now'] + $this->event('done'), 'events.1.at');
        $bad(['client_id' => 'x'] + $this->event('done'), 'events.1.client_id');
        self::assertSame(0, RunEvent::query()->where('run_id', $run['id'])->count());
        $this->postJson('/api/versions/' . $this->original()->id . '/runs', ['portions' => 0])->assertUnprocessable()->assertJsonPath('field', 'portions');
        $this->postJson('/api/versions/' . $this->original()->id . '/runs', ['portions' => 2, 'service_item_id' => 999999])->assertUnprocessable()->assertJsonPath('field', 'service_item_id');
    }

    /** Instruments that speak our lines, in this process, with a clock that is moved on. */
    private function instruments(): void
    {
        $this->app->instance(Instruments::class, new class implements Instruments {
            public float $now = 0.0;

            private LineProtocol $lines;

            public function __construct()
            {
                $this->lines = new LineProtocol();
            }

            public function read(string $channel): array
            {
                // Each look is twenty seconds later than the one before.
                $this->now += 20.0;
                $scale = explode(' ', $this->lines->answer($channel, 'SCALE', $this->now));
                $probe = explode(' ', $this->lines->answer($channel, 'PROBE', $this->now));

                return [
                    'scale' => new ScaleReading($scale[1] === 'stable' ? 'stable' : 'gone', is_numeric($scale[2]) ? (float) $scale[2] : null, $scale[3] === 'low'),
                    'probe' => new ProbeReading($probe[1] === 'moving' ? 'moving' : 'air', (float) $probe[2], is_numeric($probe[3]) ? (float) $probe[3] : null, $probe[4] === 'low'), 'speed' => (float) $probe[5], 'is_simulated' => true,
                ];
            }

            public function say(string $channel, string $line): bool
            {
                return $this->lines->answer($channel, $line, $this->now) === 'OK';
            }
        });
    }

    public function testAScaleAndAProbeAreReadAndActedOn(): void
    {
        $run = $this->begun();
        $at = "/api/runs/$run[id]/instruments";
        // Without any, that is what is said.
        $this->getJson($at)->assertOk()->assertExactJson(['is_there' => false, 'is_simulated' => false, 'speed' => 1, 'scale' => null, 'probe' => null]);
        $this->instruments();
        $this->postJson($at, ['do' => 'put', 'grams' => 250])->assertOk()->assertJsonPath('scale.state', 'stable');
        self::assertEqualsWithDelta(250.0, $this->getJson($at)->json('scale.grams'), 0.3);
        $this->postJson($at, ['do' => 'tare'])->assertOk();
        self::assertEqualsWithDelta(0.0, $this->getJson($at)->json('scale.grams'), 0.3);
        $pan = array_values(array_filter($run['heat'], static fn(array $heat): bool => $heat['where'] === 'pan'))[0];
        $this->postJson($at, ['do' => 'dip', 'step' => $pan['step']])->assertOk()->assertJsonPath('probe.state', 'moving');
        $later = $this->getJson($at)->json('probe');
        self::assertGreaterThan($pan['expected'][0]['celsius'], $later['celsius']);
        $this->postJson($at, ['do' => 'trouble', 'of' => 'probe', 'trouble' => 'out'])->assertOk()->assertJsonPath('probe.state', 'air');
        foreach ([['do' => 'put'], ['do' => 'dip', 'step' => 'zz9'], ['do' => 'speed', 'speed' => 0], ['do' => 'trouble', 'of' => 'oven', 'trouble' => 'out'], ['do' => 'trouble', 'of' => 'scale', 'trouble' => 'out'], ['do' => 'explode']] as $bad) {
            $this->postJson($at, $bad)->assertUnprocessable();
        }
    }

    public function testWhatTheProbeReadIsACurveThatIsJudged(): void
    {
        $run = $this->begun();
        $pan = array_values(array_filter($run['heat'], static fn(array $heat): bool => $heat['where'] === 'pan'))[0];
        $curdles = array_column($pan['marks'], 'celsius', 'what')['curdles'];
        $read = fn(float $celsius, int $seconds): array => $this->event('temperature', $pan['step'], ['celsius' => $celsius, 'seconds' => $seconds, 'simulated' => true]);
        $now = $this->postJson("/api/runs/$run[id]/events", ['events' => [$read(40.0, 60), $read(60.0, 180), $read($curdles + 2, 420)]])->assertOk()->json('heat');
        $pan = array_values(array_filter($now, static fn(array $heat): bool => $heat['step'] === $pan['step']))[0];
        self::assertSame([0, 2, 6], array_map(static fn(array $p): int => (int) $p['minute'], $pan['read']));
        self::assertSame('alarm', $pan['said'][0]['tone']);
        self::assertNull($pan['lethality'], 'over 15 % sugar no published pair of time and temperature holds, so nothing is reckoned from one');
        self::assertStringContainsString('simulated', (string) $this->getJson("/api/runs/$run[id]/record.csv")->getContent());
    }

    public function testSomethingTakenForSomethingElseBalancesWhatIsLeft(): void
    {
        $run = $this->begun();
        $curd = array_values(array_filter($run['weighing'], static fn(array $w): bool => $w['layer'] === 1));
        $by = array_column($curd, null, 'ingredient');
        self::assertArrayHasKey('butter', $by);
        $swap = fn(string $ingredient, string $to): array => ['events' => [$this->event('swapped', $by[$ingredient]['step'], ['ingredient' => $ingredient, 'to' => $to])]];
        $juice = $this->event('weighed', $by['passion-fruit-juice']['step'], ['ingredient' => 'passion-fruit-juice', 'grams' => $by['passion-fruit-juice']['asked']]);
        $this->postJson("/api/runs/$run[id]/events", ['events' => [$juice]])->assertOk();
        $asked = $swap('butter', 'plant butter block');
        $now = $this->postJson("/api/runs/$run[id]/events", $asked)->assertOk()->json();
        $left = array_column(array_filter($now['weighing'], static fn(array $w): bool => $w['layer'] === 1), null, 'ingredient');
        self::assertArrayNotHasKey('butter', $left);
        self::assertArrayHasKey('plant-butter-block', $left);
        // What is weighed stays, the crust is as it was.
        self::assertEqualsWithDelta($by['passion-fruit-juice']['asked'], $left['passion-fruit-juice']['asked'], 0.01);
        self::assertSame(array_values(array_filter($run['weighing'], static fn(array $w): bool => $w['layer'] === 0)), array_values(array_filter($now['weighing'], static fn(array $w): bool => $w['layer'] === 0)));
        self::assertStringContainsString('plant butter block was taken for butter', implode(' ', $now['swaps']));
        // Said again it is said once; what is weighed, unknown or made otherwise is refused and nothing is kept.
        self::assertSame($now['weighing'], $this->postJson("/api/runs/$run[id]/events", $asked)->assertOk()->json('weighing'));
        foreach ([$swap('passion-fruit-juice', 'lemon juice'), $swap('egg-yolk', 'moonlight'), $swap('egg-yolk', 'agar powder')] as $bad) {
            $this->postJson("/api/runs/$run[id]/events", $bad)->assertUnprocessable()->assertJsonPath('field', 'to');
        }
        self::assertSame(2, RunEvent::query()->where('run_id', $run['id'])->count());
    }

    public function testWhatDoesNotFitABowlIsWeighedInBatches(): void
    {
        self::assertSame([], (array) $this->begun(12)['batches']);
        $batches = (array) $this->begun(600)['batches'];
        self::assertNotSame([], $batches);
        self::assertGreaterThan(1, max(1, ...array_values($batches)));
    }

    public function testALotIsOnRecordAndARecallNamesTheRun(): void
    {
        $run = $this->begun();
        $line = $run['weighing'][0];
        $lot = $this->postJson("/api/shelf/$line[ingredient]/lots", ['code' => 'W-4711'])->assertCreated()->json();
        $other = $this->postJson('/api/shelf/agar/lots', ['code' => 'A-1'])->assertCreated()->json();
        self::assertSame([['id' => $lot['id'], 'code' => 'W-4711', 'is_recalled' => false]], $this->getJson("/api/runs/$run[id]")->json('weighing.0.lots'));
        $weighed = fn(int $id): array => $this->event('weighed', $line['step'], ['ingredient' => $line['ingredient'], 'grams' => 12.5, 'lot' => $id]);
        $this->postJson("/api/runs/$run[id]/events", ['events' => [$weighed($other['id'])]])->assertUnprocessable()->assertJsonPath('field', 'events.0.body.lot');
        $this->postJson("/api/runs/$run[id]/events", ['events' => [$weighed($lot['id'])]])->assertOk()->assertJsonPath('events.0.body.lot', $lot['id']);
        self::assertStringContainsString('W-4711', (string) $this->getJson("/api/runs/$run[id]/record.csv")->getContent());
        $this->getJson("/api/shelf/$line[ingredient]/lots")->assertOk()->assertJsonPath('0.runs', 1);
        $this->getJson("/api/lots/$lot[id]/trials")->assertOk()->assertJsonPath('0.run_id', $run['id'])->assertJsonPath('0.grams', 12.5);
        $this->deleteJson("/api/lots/$lot[id]")->assertUnprocessable();
        $this->deleteJson("/api/lots/$other[id]")->assertNoContent();
    }
}
