<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ServiceItem;
use App\Models\ServiceStep;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** Services through the API: written down, planned, covered, ticked off, taken along as a calendar. */
final class ServiceTest extends FeatureCase
{
    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private function service(array $more = []): array
    {
        $made = $this->postJson('/api/services', [
            'name' => ' Friday  evening ', 'serve_at' => '2026-12-05T19:30',
            'items' => [['version_id' => $this->original()->id, 'portions' => 12], ['version_id' => $this->dish('Cardamom set custard')->versions->firstOrFail()->id, 'portions' => 12]],
            ...$more,
        ])->assertCreated()->json();
        self::assertIsArray($made);

        return $made;
    }

    public function testAServiceIsWrittenDownFoundChangedAndTakenAway(): void
    {
        $made = $this->service();
        self::assertSame(['Friday evening', '2026-12-05T19:30', 2, 24], [$made['name'], $made['serve_at'], $made['dishes'], $made['portions']]);
        self::assertSame('Passion-fruit curd tartlet', $made['items'][0]['dish']);
        $this->getJson('/api/services')->assertOk()->assertJsonPath('0.id', $made['id'])->assertJsonPath('0.portions', 24);
        // The kitchen of the next is that of the last.
        $kitchen = ['cooks' => 1, 'hours' => [['14:00', '23:00']]] + $made['kitchen'];
        $changed = $this->patchJson("/api/services/$made[id]", ['kitchen' => $kitchen, 'items' => [['id' => $made['items'][1]['id'], 'version_id' => $made['items'][1]['version_id'], 'portions' => 18]]])->assertOk()
            ->assertJsonPath('revision', 2)->assertJsonPath('items.0.id', $made['items'][1]['id'])->assertJsonPath('portions', 18)->json();
        self::assertCount(1, $changed['items']);
        self::assertSame(1, $this->service()['kitchen']['cooks']);
        $this->deleteJson("/api/services/$made[id]")->assertNoContent();
        $this->getJson("/api/services/$made[id]")->assertNotFound();
    }

    public function testWhatCannotBeMeantIsRefusedAndNothingIsChanged(): void
    {
        $made = $this->service();
        foreach ([
            ['name', ['name' => '  ']],
            ['serve_at', ['serve_at' => 'tonight']],
            ['kitchen.cooks', ['kitchen' => ['cooks' => 0] + $made['kitchen']]],
            ['kitchen.hours[0][1]', ['kitchen' => ['hours' => [['08:00', '25:00']]] + $made['kitchen']]],
            ['guests[0].count', ['guests' => [['count' => 0, 'diets' => [], 'without' => []]]]],
            ['items.0.portions', ['items' => [['version_id' => $this->original()->id, 'portions' => 0]]]],
            ['items.0.version_id', ['items' => [['version_id' => 999999, 'portions' => 2]]]],
            ['items.0.diets.1', ['items' => [['version_id' => $this->original()->id, 'portions' => 2, 'diets' => ['vegan', 'paleo']]]]],
            ['margin', ['margin' => -1]],
        ] as [$field, $body]) {
            $this->patchJson("/api/services/$made[id]", $body)->assertUnprocessable()->assertJsonPath('field', $field);
        }
        self::assertSame($made, $this->getJson("/api/services/$made[id]")->json());
    }

    /** Who is vegan and eats no gluten is one guest: the plan keeps both for what is made for them. */
    public function testAPairOfDietsStaysAPair(): void
    {
        $made = $this->service(['items' => [['version_id' => $this->original()->id, 'portions' => 12, 'diets' => ['vegetarian', 'gluten-free']]]]);
        self::assertSame(['vegetarian', 'gluten-free'], $made['items'][0]['diets']);
        $why = implode(' ', array_column($this->getJson("/api/services/$made[id]/plan")->assertOk()->json('blocked'), 'why'));
        self::assertStringContainsString('gluten-free', $why);
        $this->patchJson("/api/services/$made[id]", ['items' => [['id' => $made['items'][0]['id'], 'version_id' => $this->original()->id, 'portions' => 12]]])->assertOk()->assertJsonPath('items.0.diets', []);
    }

    public function testItIsPlannedTickedOffAndPlannedAnew(): void
    {
        $made = $this->service();
        $plan = $this->getJson("/api/services/$made[id]/plan")->assertOk()->assertJsonPath('feasible', true)->json();
        self::assertNull($plan['spare_min']);
        self::assertGreaterThanOrEqual($plan['lower_bound_min'], $plan['span_min']);
        $first = $plan['steps'][0];
        $now = $first['end'];
        $this->putJson("/api/services/$made[id]/steps", ['item_id' => $made['items'][$first['item']]['id'], 'step' => $first['step'], 'state' => 'done', 'at' => $now, 'unit' => $first['unit']])->assertNoContent();
        $anew = $this->getJson("/api/services/$made[id]/plan?now=$now")->assertOk()->json();
        $row = array_values(array_filter($anew['steps'], static fn(array $r): bool => $r['item'] === $first['item'] && $r['step'] === $first['step']));
        self::assertSame(['done', $now], [$row[0]['state'], $row[0]['end']]);
        self::assertIsNumeric($anew['spare_min']);
        foreach ($anew['steps'] as $step) {
            self::assertTrue($step['state'] === 'done' || $step['start'] >= $now);
        }
        $this->getJson("/api/services/$made[id]")->assertJsonPath('said.0.step', $first['step'])->assertJsonPath('said.0.who', 'Ilka');
        // Said again it is said once, and it can be taken back.
        $said = ['item_id' => $made['items'][0]['id'], 'step' => 'a2', 'at' => '2026-12-05T09:00'];
        $this->putJson("/api/services/$made[id]/steps", [...$said, 'state' => 'begun'])->assertNoContent();
        $this->putJson("/api/services/$made[id]/steps", [...$said, 'state' => 'done'])->assertNoContent();
        self::assertSame(1, ServiceStep::query()->where('service_item_id', $made['items'][0]['id'])->where('step', 'a2')->count());
        $this->putJson("/api/services/$made[id]/steps", ['item_id' => $made['items'][0]['id'], 'step' => 'a2', 'state' => null])->assertNoContent();
        self::assertSame(0, ServiceStep::query()->where('service_item_id', $made['items'][0]['id'])->where('step', 'a2')->count());
        $this->putJson("/api/services/$made[id]/steps", ['item_id' => 999999, 'step' => 'a1', 'state' => 'done', 'at' => '2026-12-05T09:00'])->assertUnprocessable()->assertJsonPath('field', 'item_id');
        $this->putJson("/api/services/$made[id]/steps", [...$said, 'step' => '; drop', 'state' => 'done'])->assertUnprocessable()->assertJsonPath('field', 'step');
        // Another list of dishes keeps what was said of those that stay.
        $this->patchJson("/api/services/$made[id]", ['items' => array_map(static fn(array $i): array => ['id' => $i['id'], 'version_id' => $i['version_id'], 'portions' => 6], $made['items'])])->assertOk()->assertJsonPath('said.0.step', $first['step']);
    }

    /** A plan that can be kept does not make raw egg safe. */
    public function testWhatMustNotBeMadeAsItStandsIsToldBesideThePlan(): void
    {
        $mousse = $this->dish('Roasted-hazelnut mousse pot')->versions->firstOrFail()->id;
        $made = $this->service(['items' => [['version_id' => $this->original()->id, 'portions' => 12], ['version_id' => $mousse, 'portions' => 12]]]);
        $plan = $this->getJson("/api/services/$made[id]/plan")->assertOk()->assertJsonPath('feasible', true)->json();
        $stops = (array) $this->getJson("/api/versions/$mousse/making")->json('stops');
        self::assertSame(array_column($stops, 'text'), array_column(array_filter($plan['stops'], static fn(array $stop): bool => $stop['item'] === 1), 'text'));
        self::assertNotSame([], $stops);
    }

    public function testWhatCannotBeIsToldWithItsCure(): void
    {
        $made = $this->service(['kitchen' => ['cooks' => 2, 'hours' => [['08:00', '22:00']], 'ovens' => 0, 'rings' => 4, 'mixers' => [], 'fridge_shelves' => 4, 'freezer_shelves' => 1]]);
        $this->getJson("/api/services/$made[id]/plan")->assertOk()->assertJsonPath('feasible', false)->assertJsonPath('blocked.0.what', 'oven')->assertJsonPath('blocked.0.cure', 'Have 1 oven.');
        $this->getJson("/api/services/$made[id]/plan?now=soon")->assertUnprocessable()->assertJsonPath('field', 'now');
        $empty = $this->service(['items' => []]);
        $this->getJson("/api/services/$empty[id]/plan")->assertOk()->assertJsonPath('steps', []);
    }

    public function testWhoComesIsServedByTheFewestVersions(): void
    {
        $made = $this->service(['guests' => [['count' => 3, 'diets' => ['vegan'], 'without' => []], ['count' => 19, 'diets' => [], 'without' => []]], 'margin' => 0.1]);
        $answer = $this->postJson("/api/services/$made[id]/covers", ['dish_id' => $this->dish('Cardamom set custard')->id])->assertOk()->json();
        self::assertContains('Vegan 1', array_column($answer['versions'], 'name'));
        self::assertCount(1, $answer['fewest']['chosen']);
        self::assertSame(25, $answer['fewest']['chosen'][0]['portions']);
        self::assertSame('Vegan 1', $answer['versions'][$answer['fewest']['chosen'][0]['version']]['name']);
        self::assertLessThanOrEqual($answer['fewest_minor'], $answer['cheapest_minor']);
        $this->postJson("/api/services/$made[id]/covers", ['dish_id' => 999999])->assertUnprocessable()->assertJsonPath('field', 'dish_id');
        $nobody = $this->service();
        $this->postJson("/api/services/$nobody[id]/covers", ['dish_id' => $this->dish()->id])->assertUnprocessable()->assertJsonPath('field', 'guests');
    }

    /** Every gram of every dish is fetched once, and it is said what for. */
    public function testWhatIsFetchedIsEveryDishTogether(): void
    {
        $made = $this->service();
        $pull = $this->getJson("/api/services/$made[id]/pull")->assertOk()->json('pull');
        $lines = array_merge(...array_column($pull, 'lines'));
        $sugar = array_values(array_filter($lines, static fn(array $line): bool => $line['ingredient'] === 'sugar'))[0];
        self::assertEqualsCanonicalizing(['Passion-fruit curd tartlet', 'Cardamom set custard'], array_column($sugar['for'], 'what'));
        self::assertEqualsWithDelta($sugar['grams'], array_sum(array_column($sugar['for'], 'grams')), 0.2);
        $asked = 0.0;
        foreach ($made['items'] as $item) {
            foreach ($this->getJson("/api/versions/$item[version_id]")->json('now.formula.layers') as $layer) {
                $formula = $this->getJson("/api/versions/$item[version_id]")->json('now.formula');
                $asked += array_sum(array_column($layer['lines'], 'grams')) * $item['portions'] / $formula['portions'];
            }
        }
        self::assertEqualsWithDelta($asked, array_sum(array_column($lines, 'grams')), 2.0);
    }

    /** RFC 5545, read by a library that did not write it line by line: every entry whole, valid, in floating time. */
    public function testThePlanIsACalendar(): void
    {
        $made = $this->service();
        $plan = $this->getJson("/api/services/$made[id]/plan")->json('steps');
        $response = $this->getJson("/api/services/$made[id]/plan.ics")->assertOk();
        $calendar = Reader::read((string) $response->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $worked = array_filter($plan, static fn(array $step): bool => $step['hands_on_min'] > 0);
        self::assertCount(\count($worked) + 1, $calendar->select('VEVENT'));
        self::assertStringContainsString('DTSTART:20261205T193000', (string) $response->getContent());
        self::assertStringNotContainsString('TZID', (string) $response->getContent());
    }

    public function testAVersionThatIsRemovedStaysInItsServices(): void
    {
        $vegan = $this->dish('Cardamom set custard')->versions->firstWhere('name', 'Vegan 1');
        self::assertNotNull($vegan);
        $made = $this->service(['items' => [['version_id' => $vegan->id, 'portions' => 4]]]);
        $this->deleteJson("/api/versions/$vegan->id")->assertNoContent();
        $this->getJson("/api/services/$made[id]")->assertOk()->assertJsonPath('items.0.is_removed', true);
        $this->getJson("/api/services/$made[id]/plan")->assertOk()->assertJsonPath('feasible', true);
        self::assertSame(1, ServiceItem::query()->where('service_id', $made['id'])->count());
    }

    public function testWhatIsBoughtIsInWholePacksOfTheLatestList(): void
    {
        $version = $this->original();
        $service = $this->postJson('/api/services', ['name' => 'Market', 'serve_at' => '2026-12-05T19:30', 'items' => [['version_id' => $version->id, 'portions' => 12]]])->assertCreated()->json('id');
        $list = fn(string $day, string $price) => $this->postJson('/api/price-lists', ['supplier' => 'Quay', 'dated_on' => $day, 'text' => "ingredient,article,pack_g,price\nbutter,Block,250,$price\n"]);
        // The demo's own list is out of the way.
        foreach ((array) $this->getJson('/api/price-lists')->assertOk()->json() as $one) {
            $this->deleteJson("/api/price-lists/$one[id]")->assertNoContent();
        }
        $bare = $this->getJson("/api/services/$service/shopping")->assertOk()->assertJsonPath('minor', 0)->json('rows');
        self::assertSame([[]], array_values(array_unique(array_column((array) $bare, 'packs'), \SORT_REGULAR)));
        $list('2026-11-01', '2.00')->assertCreated();
        $list('2026-11-20', '2.50')->assertCreated();
        // 199.4 g of butter: one block, at what it costs now.
        $rows = array_column((array) $this->getJson("/api/services/$service/shopping")->assertOk()->assertJsonPath('minor', 250)->json('rows'), null, 'ingredient');
        self::assertSame(1, $rows['butter']['packs'][0]['packs']);
        self::assertEqualsWithDelta(50.6, $rows['butter']['left'], 0.2);
        self::assertGreaterThan(3 * 102, $rows['whole:eggs in shell']['grams']);
        self::assertContains('Egg yolk', array_column($rows['whole:eggs in shell']['parts'], 'name'));
        // The same day again replaces it; a wrong row keeps nothing.
        $list('2026-11-20', '2.75')->assertCreated();
        $this->getJson("/api/services/$service/shopping")->assertJsonPath('minor', 275);
        $list('2026-11-21', 'cheap')->assertUnprocessable()->assertJsonPath('field', 'line 2, price');
        $this->getJson('/api/price-lists')->assertJsonCount(2);
        $csv = (string) $this->getJson("/api/services/$service/shopping.csv")->assertOk()->getContent();
        self::assertStringContainsString('Block,250,275', $csv);
        self::assertStringContainsString('on no list', $csv);
    }

    public function testTheSimulatedSuppliersListIsReadAsItIsGiven(): void
    {
        $text = (string) $this->getJson('/api/price-lists/simulated.csv')->assertOk()->getContent();
        $articles = $this->postJson('/api/price-lists', ['supplier' => 'Tried', 'dated_on' => '2026-11-20', 'text' => $text])->assertCreated()->json('articles');
        self::assertSame(substr_count(trim($text), "\n"), $articles);
    }

    public function testWhoIsNotServedIsServedByARoute(): void
    {
        $version = $this->original();
        $service = $this->postJson('/api/services', ['name' => 'x', 'serve_at' => '2026-12-05T19:30', 'guests' => [['count' => 4, 'diets' => [], 'without' => []], ['count' => 2, 'diets' => ['keto'], 'without' => []]]])->assertCreated()->json('id');
        $answer = $this->postJson("/api/services/$service/covers", ['dish_id' => $version->dish_id])->assertOk()->json();
        self::assertSame([1], array_column($answer['fewest']['unserved'], 'guest'));
        self::assertSame([[1]], array_column($answer['routes'], 'guests'));
        $route = $answer['routes'][0];
        self::assertNotSame('missed', $route['standing']);
        $this->postJson("/api/versions/$version->id/versions", [...$route['brief'], 'route' => $route['route']])->assertCreated();
        $again = $this->postJson("/api/services/$service/covers", ['dish_id' => $version->dish_id])->assertOk()->json();
        self::assertSame([], $again['fewest']['unserved']);
        self::assertSame([], $again['routes']);
    }
}
