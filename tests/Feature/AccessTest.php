<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Ability;
use App\Access\Role;
use App\Models\AccessToken;
use App\Models\Dish;
use App\Models\Errand;
use App\Models\Evidence;
use App\Models\Exercise;
use App\Models\Link;
use App\Models\Lot;
use App\Models\Membership;
use App\Models\PotLadder;
use App\Models\PriceList;
use App\Models\Run;
use App\Models\Service;
use App\Models\Studio;
use App\Models\Tasting;
use App\Models\Trial;
use App\Models\TrialPhoto;
use App\Models\User;
use App\Models\Version;
use App\Services\Planning;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/** Every address × every role × own and foreign studio: who comes in, and who is told nothing. */
final class AccessTest extends FeatureCase
{
    /** Read apart from the code that decides: who may do what. */
    private const MAY = [
        'owner' => ['read', 'record', 'develop', 'govern'],
        'developer' => ['read', 'record', 'develop'],
        'cook' => ['read', 'record'],
        'taster' => ['read'],
        'reader' => ['read'],
    ];

    /** Parts of an address that are of a studio. */
    private const RECORDS = ['dish', 'version', 'other', 'lot', 'errand', 'evidence', 'service', 'run', 'list', 'trial', 'photo', 'ladder', 'tasting', 'exercise', 'person', 'token', 'link'];

    /** @return array<string, string> what each address needs */
    private static function needs(): array
    {
        /** @var array<string, string> $needs */
        $needs = require __DIR__ . '/needs.php';

        return $needs;
    }

    /** @return array<string, RoutingRoute> by method and address */
    private static function routes(): array
    {
        $found = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $found[$method . ' ' . substr($route->uri(), 4)] = $route;
                }
            }
        }

        return $found;
    }

    private function person(Studio $studio, Role $role, string $which = ''): User
    {
        $user = User::query()->create(['name' => ucfirst($role->value) . $studio->id, 'email' => "$role->value$studio->id$which@kitchen.example", 'password' => 'a few words to remember']);
        Membership::query()->create(['user_id' => $user->id, 'studio_id' => $studio->id, 'role' => $role]);

        return $user->refresh();
    }

    /** @return array<string, int|string> a value for each part of an address, of this studio */
    private function parts(Studio $studio, User $owner): array
    {
        $dish = Dish::query()->where('studio_id', $studio->id)->first();
        if ($dish === null) {
            $formula = (string) $this->original()->getRawOriginal('formula');
            $dish = Dish::query()->create(['studio_id' => $studio->id, 'title' => 'Their pot', 'family' => 'cream']);
            DB::table('versions')->insert(['studio_id' => $studio->id, 'dish_id' => $dish->id, 'name' => 'Original', 'brief' => '{"diets":[]}', 'formula' => $formula, 'origin' => '{}', 'shelf' => '{}', 'wanted' => '{}', 'notes' => '', 'created_at' => now(), 'updated_at' => now()]);
        }
        $version = (int) Version::query()->where('studio_id', $studio->id)->orderByDesc('id')->value('id');
        $member = $this->person($studio, Role::Reader, 'member');
        $token = AccessToken::query()->create(['tokenable_type' => $owner->getMorphClass(), 'tokenable_id' => $owner->id, 'studio_id' => $studio->id, 'name' => 'x', 'token' => hash('sha256', "x$studio->id"), 'abilities' => ['read']]);

        return [
            'dish' => $dish->id, 'version' => $version, 'other' => $version, 'number' => 1, 'second' => 1, 'layer' => 0, 'slug' => 'butter', 'kind' => 'lots', 'id' => 999999, 'session' => 'x', 'secret' => 'x',
            'lot' => Lot::query()->create(['studio_id' => $studio->id, 'slug' => 'butter', 'name' => 'Butter', 'code' => 'X1'])->id,
            'errand' => Errand::query()->create(['studio_id' => $studio->id, 'dish_id' => $dish->id, 'words' => 'x'])->id,
            'evidence' => Evidence::query()->create(['studio_id' => $studio->id, 'slug' => 'butter', 'diet' => 'vegan', 'meets' => false, 'note' => 'x', 'seen_on' => '2026-01-01', 'who' => 'x'])->id,
            'run' => Run::query()->create(['studio_id' => $studio->id, 'version_id' => $version, 'revision_id' => DB::table('revisions')->insertGetId(['studio_id' => $studio->id, 'version_id' => $version, 'number' => 99, 'kind' => 'typed', 'words' => '[]', 'author' => 'x', 'formula' => DB::table('versions')->where('id', $version)->value('formula'), 'shelf' => '{}', 'brief' => '{}', 'wanted' => '{}', 'created_at' => now()]), 'portions' => 1, 'who' => 'x', 'started_at' => now()])->id,
            'list' => PriceList::query()->create(['studio_id' => $studio->id, 'supplier' => 'x', 'dated_on' => '2026-12-01', 'articles' => []])->id,
            'service' => Service::query()->create(['studio_id' => $studio->id, 'name' => 'x', 'serve_at' => '2026-12-05T19:30', 'kitchen' => Planning::KITCHEN])->id,
            ...self::learnt($studio, $version, $owner),
            'person' => $member->id, 'token' => $token->id, 'link' => Link::inviting($studio, Role::Cook)[0]->id,
        ];
    }

    /** @return array<string, int|string> */
    private static function learnt(Studio $studio, int $version, User $owner): array
    {
        $revision = (int) DB::table('revisions')->where('version_id', $version)->value('id');
        $of = ['studio_id' => $studio->id, 'version_id' => $version, 'revision_id' => $revision, 'made_on' => '2026-11-01', 'who' => 'x'];
        $trial = Trial::query()->create([...$of, 'set_step' => 3, 'remark' => '', 'predicted' => [], 'found' => ['layers' => [], 'keeps' => []]])->id;

        return [
            'trial' => $trial, 'photo' => TrialPhoto::query()->create(['studio_id' => $studio->id, 'trial_id' => $trial, 'width' => 1, 'height' => 1, 'jpeg' => ''])->id,
            'ladder' => PotLadder::query()->create([...$of, 'layer_id' => 'x', 'asked' => ['asked' => 'set', 'layer_id' => 'x', 'lines' => [], 'wanted' => 4, 'pots' => 3, 'step' => 1.3, 'pot_g' => 50, 'seed' => 1], 'design' => ['layer' => 'x', 'agents' => [], 'pots' => []], 'found' => []])->id,
            'tasting' => Tasting::query()->create(['studio_id' => $studio->id, 'title' => 'x', 'method' => 'triangle', 'plan' => ['question' => '', 'sided' => 'one', 'tasters' => 6, 'alpha' => 0.05, 'power' => 0.9, 'pd' => 0.3, 'seed' => 1], 'samples' => [], 'code' => 'x' . $studio->id, 'who' => 'x'])->id,
            'exercise' => Exercise::query()->create(['studio_id' => $studio->id, 'user_id' => $owner->id, 'skill' => 'set', 'question' => [], 'key' => ['key' => [], 'form' => 'step', 'options' => [], 'why' => []]])->id,
            'code' => 'aaaaaaaaaa', 'mechanism' => 'agar', 'form' => 'json',
        ];
    }

    /** @param array<string, int|string> $parts */
    private function asked(RoutingRoute $route, string $key, array $parts): int
    {
        [$method, $uri] = explode(' ', $key, 2);
        $address = (string) preg_replace_callback('/\{(\w+)\}/', static fn(array $m): string => (string) $parts[$m[1]], $uri);
        DB::beginTransaction();
        app()->forgetScopedInstances();
        // Not held to the contract: most of these say nothing that could be.
        $status = \Illuminate\Foundation\Testing\TestCase::json($method, "/api/$address", [])->getStatusCode();
        DB::rollBack();

        return $status;
    }

    public function testEveryAddressHasARowAndSaysWhatItNeeds(): void
    {
        $routes = self::routes();
        self::assertEqualsCanonicalizing(array_keys(self::needs()), array_keys($routes));
        foreach ($routes as $key => $route) {
            self::assertSame(self::needs()[$key], $route->getAction('needs'), $key);
        }
        self::assertSame(array_keys(self::MAY), array_column(Role::cases(), 'value'));
        foreach (Role::cases() as $role) {
            self::assertSame(self::MAY[$role->value], array_values(array_map(static fn(Ability $one): string => $one->value, array_filter(Ability::cases(), $role->may(...)))));
        }
    }

    public function testEveryRoleComesInWhereItMayAndNowhereElse(): void
    {
        $studio = $this->studio();
        $people = array_combine(array_keys(self::MAY), array_map(fn(string $role): User => $this->person($studio, Role::from($role)), array_keys(self::MAY)));
        $parts = $this->parts($studio, $people['owner']);
        foreach (self::routes() as $key => $route) {
            $need = self::needs()[$key];
            foreach ($people as $role => $user) {
                $this->actingAs($user);
                $status = $this->asked($route, $key, $parts);
                $may = \in_array($need, ['nothing', 'oneself'], true) || \in_array($need, self::MAY[$role], true);
                $may ? self::assertNotContains($status, [401, 403], "$key as $role") : self::assertSame(403, $status, "$key as $role");
                self::assertLessThan(500, $status, "$key as $role");
            }
        }
    }

    public function testARecordOfAnotherStudioIsNotThereForAnybody(): void
    {
        $other = Studio::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere', 'shelf_revision' => 1, 'schools' => []]);
        $theirs = $this->parts($other, $this->person($other, Role::Owner));
        $this->signIn('Ilka');
        $asked = 0;
        foreach (self::routes() as $key => $route) {
            preg_match_all('/\{(\w+)\}/', $key, $m);
            $records = array_intersect($m[1], self::RECORDS);
            if ($records === []) {
                continue;
            }
            self::assertSame(404, $this->asked($route, $key, $theirs), $key);
            ++$asked;
        }
        self::assertGreaterThan(35, $asked);
    }

    public function testNobodySignedInIsToldSoAndNothingElse(): void
    {
        $parts = $this->parts($this->studio(), $this->signIn('Ilka'));
        $this->app?->make('auth')->forgetGuards();
        foreach (self::routes() as $key => $route) {
            if (self::needs()[$key] !== 'nothing') {
                self::assertSame(401, $this->asked($route, $key, $parts), $key);
            }
        }
    }

    public function testAnIdIsDigitsAndNothingElse(): void
    {
        $dish = $this->dish();
        foreach (["$dish->id or 1=1", "$dish->id%20or%201=1", "0$dish->id", "-$dish->id", "$dish->id.0", '1e1', '99999999999999999999'] as $id) {
            $this->deleteJson("/api/dishes/$id")->assertNotFound();
        }
        self::assertNotNull(Dish::query()->find($dish->id));
        // Every part of an address that is a record takes digits only.
        foreach (self::routes() as $key => $route) {
            foreach (array_intersect($route->parameterNames(), [...self::RECORDS, 'id', 'number', 'second']) as $name) {
                self::assertSame('[1-9][0-9]{0,17}', $route->wheres[$name] ?? null, "$key: $name");
            }
        }
    }

    /** @return array<string, mixed> twelve kinds of body that nobody of ours would send */
    private static function bad(): array
    {
        $keys = ['title', 'text', 'name', 'words', 'formula', 'layers', 'diets', 'email', 'password', 'role', 'csv', 'code', 'revision', 'wanted', 'brief', 'aims', 'notes', 'diet', 'may', 'days', 'studio', 'currency', 'made_on', 'set_step', 'lots', 'portions', 'tin', 'away', 'recalled', 'schools', 'choices', 'heading', 'value', 'layer', 'route', 'without', 'measures', 'packet', 'family', 'due_on', 'q', 'dry', 'number', 'predicted', 'remark'];
        $all = static fn(mixed $value): array => array_fill_keys($keys, $value);

        return [
            'nothing' => null, 'a number' => 7, 'a text' => 'x', 'a list' => [1, 'x', null],
            'lists for everything' => $all([]), 'lists of lists' => $all([[['x' => [1]]]]), 'numbers below nothing' => $all(-1), 'numbers beyond all' => $all(1e300),
            'very long words' => $all(str_repeat('ж', 70_000)), 'signs nobody types' => $all("\u{0000}\u{202E}\u{FFFF}'\"; drop table dishes; --"), 'yes' => $all(true), 'objects in objects' => $all(['a' => ['b' => ['c' => ['d' => null]]]]),
        ];
    }

    public function testNothingThatIsSentBringsItDown(): void
    {
        $ilka = $this->signIn('Ilka');
        $parts = $this->parts($this->studio(), $ilka);
        $asked = 0;
        $wrong = [];
        foreach (array_keys(self::routes()) as $key) {
            [$method, $uri] = explode(' ', $key, 2);
            if ($method === 'GET' || str_starts_with($uri, 'session') || $uri === 'owner') {
                continue;
            }
            $address = (string) preg_replace_callback('/\{(\w+)\}/', static fn(array $m): string => (string) $parts[$m[1]], $uri);
            foreach (self::bad() as $kind => $body) {
                DB::beginTransaction();
                app()->forgetScopedInstances();
                $status = $this->call($method, "/api/$address", [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], (string) json_encode($body, \JSON_PARTIAL_OUTPUT_ON_ERROR))->getStatusCode();
                DB::rollBack();
                if ($status >= 500) {
                    $wrong[] = "$key with $kind";
                }
                ++$asked;
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(500, $asked);
    }
}
