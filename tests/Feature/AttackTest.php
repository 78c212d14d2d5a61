<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Tries;
use App\Http\Middleware\OneAtATime;
use App\Models\Audit;
use App\Models\Lot;
use App\Models\Membership;
use App\Models\Studio;
use App\Models\Tasting;
use App\Models\User;
use App\Support\CacheRoom;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Transmuta\Reformulation\Reformulator;
use Transmuta\Sensory\Design;

/** The door: each way it was once opened by force, named by its number in the audit, stays shut. */
final class AttackTest extends FeatureCase
{
    private const WORDS = 'four plain quiet words';

    private function out(): void
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        app()->forgetScopedInstances();
    }

    private function person(string $email, string $role = 'reader', ?Studio $studio = null): User
    {
        $user = User::query()->create(['name' => 'Tove', 'email' => $email, 'password' => self::WORDS]);
        Membership::query()->create(['user_id' => $user->id, 'studio_id' => ($studio ?? $this->studio())->id, 'role' => $role]);

        return $user;
    }

    private function as(User $user): void
    {
        $this->out();
        $this->actingAs($user, 'web');
    }

    private function try(string $email, string $password = 'wrong words'): int
    {
        $this->out();

        return $this->postJson('/api/session', ['email' => $email, 'password' => $password])->getStatusCode();
    }

    public function testA2OtherSpellingsOfAnAddressAreOneAndASuccessElsewhereLetsNobodyTryOn(): void
    {
        $this->person('taster@alpha.example');
        $this->person('cook@alpha.example');
        self::assertSame(Tries::folded('taster@alpha.example'), Tries::folded(" T\u{00C4}ster@alpha.example\u{200B}"));
        $said = [];
        foreach (['taster@alpha.example', 'TASTER@alpha.example', 'táster@alpha.example', 'TÄster@alpha.example', 'taster@alpha.example', 'tãster@alpha.example', 'taster@alpha.example'] as $spelling) {
            $said[] = $this->try($spelling);
        }
        self::assertSame([422, 422, 422, 422, 422, 429, 429], $said, 'an address is one however it is dressed');
        self::assertSame(200, $this->try('cook@alpha.example', self::WORDS));
        self::assertSame(429, $this->try('taster@alpha.example', self::WORDS), 'one’s own success lets off nobody else');
        // No other spelling signs in as somebody.
        self::assertSame(422, $this->try('cöok@alpha.example', self::WORDS));
    }

    /** code A11 besides */
    public function testA2ThePlaceIsCountedWhoeverItTriesAndNoSuccessForgetsIt(): void
    {
        $this->person('own@alpha.example');
        $refused = 0;
        for ($n = 0; $n < 60; ++$n) {
            $refused += $this->try("nobody$n@alpha.example") === 429 ? 1 : 0;
            if ($n % 15 === 14 && $n < 45) {
                self::assertSame(200, $this->try('own@alpha.example', self::WORDS));
            }
        }
        self::assertGreaterThan(5, $refused);
    }

    public function testA4ADishOfEndlessLinesIsRefusedBeforeItIsSolvedAndTheLongHasItsOwnWorkers(): void
    {
        $lines = implode("\n", array_map(static fn(int $n): string => (10 + $n) . ' g cream', range(0, Reformulator::MOST_LINES)));
        $id = $this->postJson('/api/dishes', ['text' => "title: Endless\nportions: 6\nlayer: C\n$lines"])->assertCreated()->json('versions.0.id');
        app()->forgetScopedInstances();
        $this->postJson("/api/versions/$id/routes", ['diets' => ['vegan']])->assertUnprocessable()->assertJsonPath('field', 'formula');
        $server = (string) file_get_contents(base_path('bin/lib.sh'));
        $known = array_map(static fn(\Illuminate\Routing\Route $route): string => $route->methods()[0] . ' ' . $route->uri(), Route::getRoutes()->getRoutes());
        foreach (OneAtATime::LONG as $one) {
            self::assertContains($one, $known);
        }
        self::assertStringContainsString('(versions/[0-9]+/(routes|versions)|services/[0-9]+/covers)', $server);
        self::assertStringContainsString('location = /api/archives', $server);
        self::assertStringContainsString('location = /api/studio/archive', $server);
    }

    public function testA6TheSeedIsToldToNobodyBeforeItIsClosed(): void
    {
        [$first, $second] = $this->dish()->versions->all();
        $id = $this->postJson('/api/tastings', ['title' => 'Blind', 'method' => 'triangle', 'question' => '', 'sided' => 'one', 'tasters' => 12, 'alpha' => 0.05, 'power' => 0.8, 'pd' => 0.3, 'attributes' => [], 'samples' => [['version_id' => $first->id, 'name' => 'A'], ['version_id' => $second->id, 'name' => 'B']], 'seed' => 77])->assertCreated()->assertJsonPath('plan.seed', null)->json('id');
        $this->getJson("/api/tastings/$id")->assertOk()->assertJsonPath('plan.seed', null);
        self::assertSame(1, Tasting::query()->whereKey($id)->where('plan->seed', 77)->count());
        $closed = $this->postJson("/api/tastings/$id/close")->assertOk()->json();
        self::assertSame(77, $closed['plan']['seed']);
        self::assertCount(12, Design::seats('triangle', 2, 12, 77));
    }

    public function testA6OneHandSitsAtOneSeatAndAnOwnerFreesIt(): void
    {
        [$first, $second] = $this->dish()->versions->all();
        $tasting = (array) $this->postJson('/api/tastings', ['title' => 'Blind', 'method' => 'triangle', 'question' => '', 'sided' => 'one', 'tasters' => 12, 'alpha' => 0.05, 'power' => 0.8, 'pd' => 0.3, 'attributes' => [], 'samples' => [['version_id' => $first->id, 'name' => 'A'], ['version_id' => $second->id, 'name' => 'B']]])->json();
        $cookie = config('session.cookie');
        $sit = fn(string $window = 'a'): int => $this->withCredentials()->withCookie(\is_string($cookie) ? $cookie : '', str_repeat($window, 40))->postJson("/api/tables/$tasting[code]/seats")->getStatusCode();
        self::assertSame([201, 422], [$sit(), $sit()], 'a window that has not answered sits at no other');
        // Without its cookie: from one place no more than a table that sits down together.
        $said = [];
        foreach (range('b', 'i') as $window) {
            $said[] = $sit($window);
        }
        self::assertSame(5, \count(array_filter($said, static fn(int $one): bool => $one === 201)));
        $seats = (array) $this->getJson("/api/tastings/$tasting[id]")->json('seats');
        self::assertSame([1], array_values(array_unique(array_filter(array_column($seats, 'from')))), 'whoever laid it sees they came from one place');
        $freed = $this->deleteJson("/api/tastings/$tasting[id]/seats/1")->assertOk()->json();
        self::assertSame([false, 5], [$freed['seats'][0]['is_taken'], $freed['taken']]);
        $this->postJson("/api/tastings/$tasting[id]/close")->assertOk();
        $this->deleteJson("/api/tastings/$tasting[id]/seats/2")->assertUnprocessable();
    }

    public function testA7AResetLinkIsAskedAgainWhenItIsFollowedAndLinksAreListedAndWithdrawn(): void
    {
        $elsewhere = Studio::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere', 'shelf_revision' => 1, 'schools' => []]);
        $person = $this->person('r@alpha.example');
        $path = (string) $this->postJson("/api/people/$person->id/links")->assertCreated()->json('path');
        $invite = (string) $this->postJson('/api/people/links', ['role' => 'cook'])->assertCreated()->json('path');
        $listed = (array) $this->getJson('/api/people/links')->assertOk()->assertJsonCount(2)->json();
        self::assertSame([['cook', null], [null, 'Tove']], array_map(static fn(array $one): array => [$one['role'], $one['name']], $listed));
        self::assertStringNotContainsString(basename($invite), (string) json_encode($listed));
        $this->deleteJson('/api/people/links/' . $listed[0]['id'])->assertNoContent();
        $this->deleteJson('/api/people/links/' . $listed[0]['id'])->assertNotFound();
        Membership::query()->create(['user_id' => $person->id, 'studio_id' => $elsewhere->id, 'role' => 'owner']);
        $this->out();
        $this->getJson('/api/links/' . basename($invite))->assertNotFound();
        $this->postJson('/api/links/' . basename($path), ['password' => 'other plain quiet words'])->assertUnprocessable();
        self::assertSame(422, $this->try('r@alpha.example', 'other plain quiet words'));
    }

    public function testA8ATokenMakesNoOtherEndsNothingAndEndsWithThePassword(): void
    {
        $person = $this->person('dev@alpha.example', 'owner');
        $this->as($person);
        $secret = $this->postJson('/api/tokens', ['name' => 'x', 'may' => 'govern', 'days' => 30])->assertCreated()->json();
        $bearer = ['Authorization' => "Bearer $secret[secret]"];
        $this->out();
        $this->getJson('/api/dishes', $bearer)->assertOk();
        $this->postJson('/api/tokens', ['name' => 'y', 'may' => 'read', 'days' => 366], $bearer)->assertForbidden();
        $this->deleteJson("/api/tokens/$secret[id]", [], $bearer)->assertForbidden();
        $this->deleteJson('/api/sessions', [], $bearer)->assertForbidden();
        $this->postJson('/api/people/links', ['role' => 'owner'], $bearer)->assertForbidden();
        $this->putJson('/api/password', ['current' => self::WORDS, 'password' => 'other plain quiet words'], $bearer)->assertForbidden();
        $this->as($person);
        $this->putJson('/api/password', ['current' => self::WORDS, 'password' => 'other plain quiet words'])->assertNoContent();
        $this->out();
        $this->getJson('/api/dishes', $bearer)->assertUnauthorized();
    }

    public function testA8DemoOffIsOffForSessionsTokensAndInvitations(): void
    {
        $secret = $this->postJson('/api/tokens', ['name' => 'x', 'may' => 'govern', 'days' => 30])->assertCreated()->json('secret');
        $invite = basename((string) $this->postJson('/api/people/links', ['role' => 'owner'])->json('path'));
        $guest = $this->person('guest@alpha.example', 'cook');
        $ilka = $this->signIn('Ilka');
        config(['transmuta.demo' => false]);
        $this->as($ilka);
        $this->getJson('/api/dishes')->assertUnauthorized();
        $this->out();
        $this->getJson('/api/dishes', ['Authorization' => "Bearer $secret"])->assertUnauthorized();
        $this->postJson("/api/links/$invite", ['name' => 'Odd', 'email' => 'odd@alpha.example', 'password' => self::WORDS])->assertNotFound();
        self::assertSame(422, $this->try($ilka->email, 'whatever it was'));
        $this->as($guest);
        $this->getJson('/api/dishes')->assertForbidden();
    }

    /** code A12 besides */
    public function testA8AKeyIsOfOneBodyAndNoSecretIsKept(): void
    {
        $once = ['Idempotency-Key' => 'attack-a8-0000000000000001'];
        $made = (string) $this->postJson('/api/tokens', ['name' => 'x', 'may' => 'read', 'days' => 1], $once)->assertCreated()->json('secret');
        self::assertStringNotContainsString($made, serialize(Cache::store()->getStore()));
        $this->postJson('/api/tokens', ['name' => 'x', 'may' => 'read', 'days' => 1], $once)->assertStatus(409);
        $this->postJson('/api/tokens', ['name' => 'y', 'may' => 'read', 'days' => 1], $once)->assertUnprocessable();
        $this->getJson('/api/tokens')->assertJsonCount(1);
        $dish = $this->dish();
        $other = ['Idempotency-Key' => 'attack-a8-0000000000000002'];
        $this->postJson("/api/dishes/$dish->id/errands", ['words' => 'one'], $other)->assertCreated();
        $this->postJson("/api/dishes/$dish->id/errands", ['words' => 'two'], $other)->assertUnprocessable();
        $this->postJson("/api/dishes/$dish->id/errands", ['words' => 'one'], $other)->assertCreated()->assertHeader('Idempotent-Replay', 'true');
    }

    public function testA10WhatLeavesAndWhoKnocksIsWrittenDownAndNobodyWritesOverIt(): void
    {
        $this->person('taster@alpha.example');
        $this->get('/api/studio/archive')->assertOk();
        $this->get('/api/shelf/own.csv')->assertOk();
        $this->get('/api/audit.csv')->assertOk();
        $this->try('taster@alpha.example');
        $this->app?->make(\Illuminate\Support\Defer\DeferredCallbackCollection::class)->invoke();
        $what = Audit::query()->where('studio_id', $this->studio()->id)->pluck('what')->all();
        foreach (['GET studio/archive', 'GET shelf/own.csv', 'GET audit.csv', 'sign-in refused'] as $one) {
            self::assertContains($one, $what);
        }
        foreach (['update audits set who = \'x\'', 'delete from audits'] as $statement) {
            try {
                DB::unprepared($statement);
                self::fail("$statement went through");
            } catch (QueryException $refused) {
                self::assertStringContainsString('not written over', $refused->getMessage());
            }
        }
    }

    public function testBANameTooLongOrWithSignsNobodySeesIsRefusedInItsRow(): void
    {
        $row = fn(string $name): array => (array) $this->postJson('/api/shelf/import', ['csv' => "name,kcal,fat,carbohydrate,sugars,protein,salt\n\"$name\",100,1,20,10,2,0.1\n", 'dry' => false])->assertOk()->json('rows.0');
        self::assertSame('refused', $row(str_repeat('a', 161))['action']);
        self::assertSame('refused', $row("Safe\u{202E}esion")['action']);
        self::assertSame('added', $row(str_repeat('a', 160))['action']);
    }

    public function testBATrialOfARemovedDishIsNotThereAndNoFault(): void
    {
        $dish = $this->dish();
        $version = $this->original();
        DB::table('dishes')->where('id', $dish->id)->update(['deleted_at' => now()]);
        $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-11-25', 'set_step' => 4, 'sweetness' => 'right', 'sharpness' => 'right'])->assertNotFound();
    }

    /** code A9: what is kept beyond its time is swept, on both sides of it, and nothing else. */
    public function testWhatIsKeptBeyondItsTimeIsSwept(): void
    {
        $room = sys_get_temp_dir() . '/kept' . getmypid();
        mkdir("$room/ab/cd", 0o700, true);
        $now = 1_800_000_000;
        foreach (['ab/cd/old' => ($now - 1) . 's:1:"x"', 'ab/now' => $now . 's:1:"x"', 'ab/later' => '9999999999s:1:"x"', 'ab/other' => 'no entry'] as $name => $holds) {
            file_put_contents("$room/$name", $holds);
        }
        self::assertSame(1, CacheRoom::sweep($room, $now));
        self::assertSame(["$room/ab/cd", "$room/ab/later", "$room/ab/now", "$room/ab/other"], glob("$room/ab/*"));
        self::assertSame([], glob("$room/ab/cd/*"));
        rmdir("$room/ab/cd");
        self::assertSame(0, CacheRoom::sweep("$room/none", $now));
        array_map(unlink(...), glob("$room/ab/*") ?: []);
        array_map(rmdir(...), ["$room/ab", $room]);
    }

    /** code A8: what is learned is learned of what is there, not of what was there a moment ago. */
    public function testWhatIsTakenAwayIsNoLongerLearnedFromAndComesBack(): void
    {
        $count = function (): int {
            app()->forgetScopedInstances();

            return array_sum(array_map(static fn(mixed $one): int => \is_array($one) && is_numeric($one['n'] ?? null) ? (int) $one['n'] : 0, (array) $this->getJson('/api/learning')->assertOk()->json('factors')));
        };
        $version = $this->original();
        $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-11-25', 'set_step' => 4, 'sweetness' => 'right', 'sharpness' => 'right'])->assertCreated();
        $was = $count();
        self::assertGreaterThan(0, $was);
        $this->deleteJson("/api/dishes/$version->dish_id")->assertNoContent();
        self::assertLessThan($was, $count());
        $this->putJson("/api/removed/dishes/$version->dish_id")->assertNoContent();
        self::assertSame($was, $count());
    }

    /** surface A4: whatever is taken away lies in the drawer, and comes back to whoever may take it away. */
    public function testEverythingTakenAwayComesBack(): void
    {
        $version = $this->original();
        $service = $this->postJson('/api/services', ['name' => 'Friday', 'serve_at' => '2026-12-05T19:30', 'items' => [['version_id' => $version->id, 'portions' => 12]]])->assertCreated()->json('id');
        $lot = $this->postJson('/api/shelf/butter/lots', ['code' => 'B7', 'came_on' => '2026-01-02', 'best_before' => '2027-01-02'])->assertCreated()->json('id');
        $this->deleteJson("/api/services/$service")->assertNoContent();
        $this->deleteJson("/api/lots/$lot")->assertNoContent();
        self::assertSame(['services', 'lots'], array_column((array) $this->getJson('/api/removed')->json('others'), 'kind'));
        // A cook takes a lot away and brings it back; a dinner is not a cook's to bring back.
        $this->signIn('Matteo');
        $this->putJson("/api/removed/services/$service")->assertForbidden();
        $this->putJson("/api/removed/lots/$lot")->assertNoContent();
        $this->signIn('Ilka');
        $this->putJson("/api/removed/services/$service")->assertNoContent();
        $this->getJson("/api/services/$service")->assertOk()->assertJsonPath('items.0.portions', 12);
        self::assertNotNull(Lot::query()->find($lot));
    }
}
