<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Errand;
use App\Models\Lot;
use App\Models\Membership;
use App\Models\PotLadder;
use App\Models\Service;
use App\Models\Trial;
use App\Models\User;
use App\Services\Planning;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Route;

/** Two windows: at every address that changes something that is there, who has not seen its last change is told so, and nothing is overwritten. */
final class TwoWindowsTest extends FeatureCase
{
    /** Addresses that change what is there without anything to overwrite, and why. */
    private const NOTHING_LOST = [
        'PUT session/studio' => 'where one stands oneself',
        'PUT password' => 'asks for the one before',
        'PUT removed/{kind}/{id}' => 'brings back what is; twice is once',
        'PUT services/{service}/steps' => 'a step is begun or done, whoever saw it first; said again is said once',
        'PUT tables/{code}/seats/{number}' => 'one person’s own seat',
        'PUT versions/{version}/aim' => 'aims at what now is; twice is once',
    ];

    /** @return array<string, array{path: string, body: array<string, mixed>, another: array<string, mixed>, seen: callable(): mixed}> what is changed, by two who mean different things */
    private function changes(): array
    {
        $dish = $this->dish();
        $version = $this->original();
        $trial = Trial::query()->whereKey(Trial::query()->min('id'))->firstOrFail();
        $ladder = PotLadder::query()->firstOrFail();
        $studio = $this->studio()->id;
        $errand = Errand::query()->create(['studio_id' => $studio, 'dish_id' => $dish->id, 'words' => 'x']);
        $service = Service::query()->create(['studio_id' => $studio, 'name' => 'x', 'serve_at' => '2026-12-05T19:30', 'kitchen' => Planning::KITCHEN]);
        $lot = Lot::query()->create(['studio_id' => $studio, 'slug' => 'butter', 'name' => 'Butter', 'code' => 'X1']);
        $reader = User::query()->create(['name' => 'Odd', 'email' => 'odd@kitchen.example', 'password' => 'a few words to remember']);
        Membership::query()->create(['user_id' => $reader->id, 'studio_id' => $studio, 'role' => 'reader']);
        $made = $this->postJson('/api/preparations', ['name' => 'House praline', 'text' => "100 g hazelnuts\n100 g sugar"])->assertCreated()->json('id');
        $schools = (array) $this->getJson('/api/schools')->json('questions');
        $key = (string) array_key_first($schools);
        $answers = array_keys((array) $schools[$key]['choices']);
        $formula = fn(float $grams): array => (function () use ($version, $grams): array {
            $formula = $this->formulaOf($version);
            $formula['layers'][0]['lines'][0]['grams'] = $grams;

            return $formula;
        })();
        $layer = (string) $this->getJson("/api/versions/$version->id")->json('layer_keys.0');
        $told = fn(string $words): array => array_map(static fn(array $step): array => ['id' => $step['id'], 'step' => $step['step'], 'text' => "$words: $step[text]"], (array) $this->getJson("/api/versions/$version->id/method")->json('steps'));
        $bench = fn(string $what): callable => fn(): mixed => $this->getJson("/api/versions/$version->id")->json("version.$what");
        $shelf = fn(string $slug): callable => fn(): mixed => $this->getJson("/api/shelf/$slug")->json('revision');
        $people = fn(): mixed => array_column((array) $this->getJson('/api/people')->json(), 'revision', 'id')[$reader->id] ?? null;
        $errands = fn(): mixed => array_column((array) $this->getJson('/api/waiting')->json('errands'), 'revision', 'id')[$errand->id] ?? null;
        $lots = fn(): mixed => array_column((array) $this->getJson('/api/shelf/butter/lots')->json(), 'revision', 'id')[$lot->id] ?? null;
        $dishes = fn(): mixed => $this->getJson("/api/dishes/$dish->id")->json('revision');
        $own = fn(): mixed => $this->getJson('/api/studio')->json('revision');

        return [
            'PUT factors/{mechanism}' => ['path' => 'factors/agar', 'body' => ['use' => true], 'another' => ['use' => false], 'seen' => fn(): mixed => $this->getJson('/api/learning')->json('revision')],
            'PUT errands/{errand}' => ['path' => "errands/$errand->id", 'body' => ['words' => 'one'], 'another' => ['words' => 'two'], 'seen' => $errands],
            'PATCH services/{service}' => ['path' => "services/$service->id", 'body' => ['items' => [['version_id' => $version->id, 'portions' => 4]]], 'another' => ['name' => 'Two'], 'seen' => fn(): mixed => $this->getJson("/api/services/$service->id")->json('revision')],
            'PUT lots/{lot}/recall' => ['path' => "lots/$lot->id/recall", 'body' => ['recalled' => true, 'reason' => 'glass'], 'another' => ['recalled' => true, 'reason' => 'nuts'], 'seen' => $lots],
            'PATCH dishes/{dish}' => ['path' => "dishes/$dish->id", 'body' => ['title' => 'One'], 'another' => ['title' => 'Two'], 'seen' => $dishes],
            'PUT dishes/{dish}/schools' => ['path' => "dishes/$dish->id/schools", 'body' => ['schools' => [$key => $answers[0]]], 'another' => ['schools' => [$key => $answers[1]]], 'seen' => $dishes],
            'PUT schools' => ['path' => 'schools', 'body' => ['schools' => [$key => $answers[0]]], 'another' => ['schools' => [$key => $answers[1]]], 'seen' => fn(): mixed => $this->getJson('/api/schools')->json('revision')],
            'PUT preparations/{slug}' => ['path' => "preparations/$made", 'body' => ['name' => 'House praline', 'text' => "110 g hazelnuts\n100 g sugar"], 'another' => ['name' => 'House praline', 'text' => "120 g hazelnuts\n100 g sugar"], 'seen' => $shelf((string) $made)],
            'PUT shelf/{slug}' => ['path' => 'shelf/butter', 'body' => ['name' => 'Butter, ours', 'price_minor_per_kg' => 900], 'another' => ['name' => 'Butter, theirs', 'price_minor_per_kg' => 800], 'seen' => $shelf('butter')],
            'PATCH versions/{version}' => ['path' => "versions/$version->id", 'body' => ['formula' => $formula(131)], 'another' => ['formula' => $formula(132)], 'seen' => $bench('revision')],
            'PUT versions/{version}/wanted' => ['path' => "versions/$version->id/wanted", 'body' => ['wanted' => [$layer => ['sweetness' => 5.0]]], 'another' => ['wanted' => [$layer => ['sweetness' => 6.0]]], 'seen' => $bench('revision')],
            'PUT versions/{version}/name' => ['path' => "versions/$version->id/name", 'body' => ['name' => 'One'], 'another' => ['name' => 'Two'], 'seen' => $bench('said')],
            'PUT versions/{version}/notes' => ['path' => "versions/$version->id/notes", 'body' => ['notes' => 'one'], 'another' => ['notes' => 'two'], 'seen' => $bench('said')],
            'PUT versions/{version}/method' => ['path' => "versions/$version->id/method", 'body' => ['steps' => $told('one')], 'another' => ['steps' => $told('two')], 'seen' => $bench('said')],
            'PUT versions/{version}/sells' => ['path' => "versions/$version->id/sells", 'body' => ['minor' => 450], 'another' => ['minor' => 480], 'seen' => fn(): mixed => $this->getJson("/api/versions/$version->id/cost")->json('said')],
            'PUT studio/rates' => ['path' => 'studio/rates', 'body' => ['labour' => 2000, 'energy' => null, 'packaging' => 0, 'tax_word' => '', 'tax_percent' => 0], 'another' => ['labour' => 2200, 'energy' => 40, 'packaging' => 0, 'tax_word' => '', 'tax_percent' => 0], 'seen' => fn(): mixed => $this->getJson("/api/versions/$version->id/cost")->json('studio_revision')],
            'PUT people/{person}' => ['path' => "people/$reader->id", 'body' => ['role' => 'cook'], 'another' => ['role' => 'taster'], 'seen' => $people],
            'PUT trials/{trial}' => ['path' => "trials/$trial->id", 'body' => ['made_on' => '2026-11-20', 'set_step' => 2, 'remark' => 'one', 'why' => 'misread'], 'another' => ['made_on' => '2026-11-20', 'set_step' => 3, 'remark' => 'two'], 'seen' => fn(): mixed => $trial->refresh()->edition],
            'PUT ladders/{ladder}/found' => ['path' => "ladders/$ladder->id/found", 'body' => ['found' => [$ladder->design['pots'][0]['code'] => [3]]], 'another' => ['found' => [$ladder->design['pots'][0]['code'] => [4]]], 'seen' => fn(): mixed => $ladder->refresh()->edition],
            'PUT studio' => ['path' => 'studio', 'body' => ['name' => 'One', 'currency' => 'EUR'], 'another' => ['name' => 'Two', 'currency' => 'EUR'], 'seen' => $own],
        ];
    }

    public function testNobodyOverwritesWhatTheyHaveNotSeen(): void
    {
        $changes = $this->changes();
        foreach ($changes as $what => ['path' => $path, 'body' => $body, 'another' => $another, 'seen' => $seen]) {
            $method = explode(' ', $what)[0];
            $send = function (array $said, int $seen) use ($method, $path): \Illuminate\Testing\TestResponse {
                app()->forgetScopedInstances();

                return $this->json($method, "/api/$path", $said, ['If-Match' => "\"$seen\""]);
            };
            $at = $seen();
            self::assertIsInt($at, "$what says what it stands at");
            $send($body, $at + 7)->assertStatus(412)->assertJsonPath('type', 'urn:transmuta:problem:changed-elsewhere');
            self::assertSame($at, $seen(), "$what: refused is not done");
            $send($body, $at)->assertSuccessful();
            self::assertSame($at + 1, $seen(), "$what counts its change");
            // The other window, which saw what was before.
            $send($another, $at)->assertStatus(412);
            $send($another, $at + 1)->assertSuccessful();
            self::assertSame($at + 2, $seen(), $what);
        }
    }

    public function testEveryAddressThatChangesSomethingIsTriedOrExcused(): void
    {
        $routes = array_filter(Route::getRoutes()->getRoutes(), static fn(RoutingRoute $route): bool => str_starts_with($route->uri(), 'api/') && array_intersect($route->methods(), ['PUT', 'PATCH']) !== []);
        $all = array_values(array_map(static fn(RoutingRoute $route): string => $route->methods()[0] . ' ' . substr($route->uri(), 4), $routes));
        self::assertEqualsCanonicalizing($all, [...array_keys($this->changes()), ...array_keys(self::NOTHING_LOST)]);
    }
}
