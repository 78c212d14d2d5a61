<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Sessions;
use App\Access\TriedFirst;
use App\Models\Audit;
use App\Models\Membership;
use App\Models\Studio;
use App\Models\User;
use App\Support\Store;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use PHPUnit\Framework\Attributes\DataProvider;

/** Signing in and out, people and links, tokens, and who did what. */
final class PeopleTest extends FeatureCase
{
    private const WORDS = 'four plain words here';

    private function out(): void
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        app()->forgetScopedInstances();
    }

    private function owner(string $email = 'signe@harbour.example'): User
    {
        $this->out();
        $id = $this->postJson('/api/owner', ['studio' => 'Harbour kiosk', 'name' => 'Signe', 'email' => $email, 'password' => self::WORDS])->assertCreated()->assertJsonPath('role', 'owner')->json('user.id');

        $query = User::query();
        $query->whereKey($id);

        return $query->firstOrFail();
    }

    public function testTheFirstToComeMakesAStudioTheirOwnAndTheSecondDoesNot(): void
    {
        $this->getJson('/api/session')->assertOk()->assertJsonPath('user.name', 'Ilka')->assertJsonPath('is_new', true)->assertJsonPath('demo', true)->assertJsonPath('role', 'owner')->assertJsonPath('may', ['read', 'record', 'develop', 'govern']);
        $this->out();
        $this->postJson('/api/owner', ['studio' => 'Harbour kiosk', 'name' => 'Signe', 'email' => 'signe@harbour.example', 'password' => 'short'])->assertUnprocessable()->assertJsonPath('field', 'password');
        $signe = $this->owner();
        self::assertTrue(Hash::check(self::WORDS, $signe->password));
        self::assertStringStartsWith('$argon2id$v=19$m=19456,t=2,p=1$', $signe->password);
        $this->getJson('/api/dishes')->assertOk()->assertExactJson([]);
        $this->postJson('/api/owner', ['studio' => 'Another', 'name' => 'X', 'email' => 'x@y.example', 'password' => self::WORDS])->assertNotFound();
        self::assertNull(Studio::query()->where('name', 'Another')->first());
    }

    public function testSigningInAndOutAndTooManyTries(): void
    {
        $this->owner();
        $this->deleteJson('/api/session')->assertNoContent();
        $this->out();
        $this->getJson('/api/session')->assertOk()->assertJsonPath('user', null)->assertJsonPath('studio', null)->assertJsonPath('may', [])->assertJsonPath('is_new', false);
        $this->getJson('/api/dishes')->assertUnauthorized();
        $this->postJson('/api/session', ['email' => 'SIGNE@harbour.example', 'password' => self::WORDS])->assertOk()->assertJsonPath('user.name', 'Signe');
        $this->deleteJson('/api/session')->assertNoContent();
        $this->out();
        // Nobody learns whether an address is known.
        $known = $this->postJson('/api/session', ['email' => 'signe@harbour.example', 'password' => 'wrong words'])->assertUnprocessable()->json('detail');
        self::assertSame($known, $this->postJson('/api/session', ['email' => 'nobody@harbour.example', 'password' => 'wrong words'])->assertUnprocessable()->json('detail'));
        for ($n = 0; $n < 4; ++$n) {
            $this->postJson('/api/session', ['email' => 'signe@harbour.example', 'password' => 'wrong words'])->assertUnprocessable();
        }
        $this->postJson('/api/session', ['email' => 'signe@harbour.example', 'password' => self::WORDS])->assertStatus(429);
        $this->travel(20)->minutes();
        $this->postJson('/api/session', ['email' => 'signe@harbour.example', 'password' => self::WORDS])->assertOk();
    }

    public function testTheDemoIsSignedInToWithOnePressAndOnlyWhereItIsOffered(): void
    {
        $this->out();
        $this->postJson('/api/session/demo')->assertOk()->assertJsonPath('user.name', 'Ilka')->assertJsonPath('studio.name', 'Observatory tea room');
        $this->putJson('/api/password', ['current' => 'x', 'password' => self::WORDS])->assertUnprocessable();
        $this->out();
        config(['transmuta.demo' => false]);
        $this->postJson('/api/session/demo')->assertNotFound();
        $this->getJson('/api/session')->assertJsonPath('demo', false);
    }

    public function testALinkInvitesOnceAndForAsLongAsItIsGood(): void
    {
        $this->owner();
        $path = (string) $this->postJson('/api/people/links', ['role' => 'cook'])->assertCreated()->assertJsonPath('role', 'cook')->json('path');
        $secret = basename($path);
        self::assertSame(0, DB::table('links')->where('fingerprint', $secret)->count(), 'its secret is kept nowhere');
        $this->out();
        $this->getJson("/api/links/$secret")->assertOk()->assertJsonPath('studio', 'Harbour kiosk')->assertJsonPath('role', 'cook');
        $this->postJson("/api/links/$secret", ['name' => 'Nils', 'email' => 'signe@harbour.example', 'password' => self::WORDS])->assertUnprocessable()->assertJsonPath('field', 'email');
        $this->postJson("/api/links/$secret", ['name' => 'Nils', 'email' => 'nils@harbour.example', 'password' => self::WORDS])->assertOk()->assertJsonPath('role', 'cook')->assertJsonPath('studio.name', 'Harbour kiosk');
        $this->postJson('/api/dishes', ['text' => '5 g sugar'])->assertForbidden();
        $this->out();
        $this->getJson("/api/links/$secret")->assertNotFound();
        $this->postJson("/api/links/$secret", ['name' => 'Odd', 'email' => 'odd@harbour.example', 'password' => self::WORDS])->assertNotFound();
        // Somebody who has an address already works at both, and goes from one to the other.
        $this->signIn('Ilka');
        $second = basename((string) $this->postJson('/api/people/links', ['role' => 'taster'])->json('path'));
        $this->out();
        $this->actingAs(User::query()->where('email', 'nils@harbour.example')->firstOrFail());
        app()->forgetScopedInstances();
        $this->postJson("/api/links/$second", [])->assertOk()->assertJsonPath('studio.name', 'Observatory tea room')->assertJsonPath('role', 'taster')->assertJsonCount(2, 'studios');
        $this->putJson('/api/session/studio', ['studio_id' => Studio::query()->where('name', 'Harbour kiosk')->value('id')])->assertOk()->assertJsonPath('role', 'cook');
        $this->putJson('/api/session/studio', ['studio_id' => 999999])->assertNotFound();
        $this->signIn('Ilka');
        $late = basename((string) $this->postJson('/api/people/links', ['role' => 'taster'])->json('path'));
        $this->travel(8)->days();
        $this->getJson("/api/links/$late")->assertNotFound();
    }

    public function testAnOwnerResetsAPasswordOnceAndOnlyOfTheirOwn(): void
    {
        $this->owner();
        $invite = basename((string) $this->postJson('/api/people/links', ['role' => 'developer'])->json('path'));
        $this->out();
        $id = $this->postJson("/api/links/$invite", ['name' => 'Nils', 'email' => 'nils@harbour.example', 'password' => self::WORDS])->json('user.id');
        DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $id, 'payload' => '', 'last_activity' => time()]);
        $this->out();
        $this->actingAs(User::query()->where('email', 'signe@harbour.example')->firstOrFail());
        app()->forgetScopedInstances();
        $reset = basename((string) $this->postJson("/api/people/$id/links")->assertCreated()->assertJsonPath('role', null)->json('path'));
        $this->out();
        $this->postJson("/api/links/$reset", ['password' => 'other plain words'])->assertOk()->assertJsonPath('user.name', 'Nils');
        self::assertSame(0, DB::table('sessions')->where('id', 'elsewhere')->count());
        $this->out();
        $this->postJson('/api/session', ['email' => 'nils@harbour.example', 'password' => self::WORDS])->assertUnprocessable();
        $this->postJson('/api/session', ['email' => 'nils@harbour.example', 'password' => 'other plain words'])->assertOk();
        $this->putJson('/api/password', ['current' => 'not it at all', 'password' => self::WORDS])->assertUnprocessable()->assertJsonPath('field', 'current');
        $this->putJson('/api/password', ['current' => 'other plain words', 'password' => self::WORDS])->assertNoContent();
        // Whoever works at another studio too is nobody's alone to reset.
        Membership::query()->create(['user_id' => $id, 'studio_id' => $this->studio()->id, 'role' => 'reader']);
        $this->signIn('Ilka');
        $this->postJson("/api/people/$id/links")->assertUnprocessable();
    }

    public function testAStudioKeepsAnOwner(): void
    {
        $signe = $this->owner();
        $this->getJson('/api/people')->assertOk()->assertJsonCount(1)->assertJsonPath('0.is_you', true);
        $this->putJson("/api/people/$signe->id", ['role' => 'reader'])->assertUnprocessable()->assertJsonPath('field', 'role');
        $this->deleteJson("/api/people/$signe->id")->assertUnprocessable();
        $this->putJson("/api/people/$signe->id", ['role' => 'emperor'])->assertUnprocessable();
        $invite = basename((string) $this->postJson('/api/people/links', ['role' => 'owner'])->json('path'));
        $this->out();
        $nils = $this->postJson("/api/links/$invite", ['name' => 'Nils', 'email' => 'nils@harbour.example', 'password' => self::WORDS])->json('user.id');
        $this->putJson("/api/people/$signe->id", ['role' => 'reader'])->assertOk()->assertJsonPath('role', 'reader');
        $this->deleteJson("/api/people/$signe->id")->assertNoContent();
        $this->deleteJson("/api/people/$nils")->assertUnprocessable();
    }

    public function testATokenIsOfOneStudioForSoMuchAndTakenBack(): void
    {
        $made = $this->postJson('/api/tokens', ['name' => 'price list', 'may' => 'read', 'days' => 30])->assertCreated()->assertJsonPath('may', 'read');
        $this->getJson('/api/tokens')->assertOk()->assertJsonPath('0.name', 'price list')->assertJsonMissingPath('0.secret');
        $bearer = ['Authorization' => 'Bearer ' . $made->json('secret')];
        $this->out();
        $this->getJson('/api/dishes', $bearer)->assertOk()->assertHeader('X-Total', '10');
        $this->postJson('/api/dishes', ['text' => '5 g sugar'], $bearer)->assertForbidden();
        $this->getJson('/api/people', $bearer)->assertForbidden();
        $this->signIn('Ilka');
        $this->deleteJson('/api/tokens/' . $made->json('id'))->assertNoContent();
        $this->out();
        $this->getJson('/api/dishes', $bearer)->assertUnauthorized();
        $this->out();
        $this->getJson('/api/dishes', ['Authorization' => 'Bearer 1|made-up'])->assertUnauthorized();
        // No more than whoever makes it.
        $this->signIn('Matteo');
        $this->postJson('/api/tokens', ['name' => 'x', 'may' => 'develop', 'days' => 1])->assertUnprocessable()->assertJsonPath('field', 'may');
        $short = $this->postJson('/api/tokens', ['name' => 'x', 'may' => 'record', 'days' => 1])->assertCreated()->json('secret');
        $this->travel(2)->days();
        $this->out();
        $this->getJson('/api/dishes', ['Authorization' => "Bearer $short"])->assertUnauthorized();
    }

    public function testSessionsAreListedByAFingerprintAndEnded(): void
    {
        $ilka = $this->signIn('Ilka');
        DB::table('sessions')->insert([['id' => 'one', 'user_id' => $ilka->id, 'payload' => '', 'user_agent' => 'a tablet', 'last_activity' => time()], ['id' => 'two', 'user_id' => $ilka->id, 'payload' => '', 'user_agent' => 'a phone', 'last_activity' => time() - 5], ['id' => 'theirs', 'user_id' => $ilka->id + 1, 'payload' => '', 'user_agent' => 'x', 'last_activity' => time()]]);
        $listed = (array) $this->getJson('/api/sessions')->assertOk()->assertJsonCount(2)->json();
        self::assertSame(['a tablet', 'a phone'], array_column($listed, 'browser'));
        self::assertStringNotContainsString('one', (string) json_encode(array_column($listed, 'id')));
        $this->deleteJson('/api/sessions/' . $listed[0]['id'])->assertNoContent();
        $this->deleteJson('/api/sessions/theirs')->assertNotFound();
        $this->deleteJson('/api/sessions')->assertNoContent();
        self::assertSame(['theirs'], DB::table('sessions')->whereIn('id', ['one', 'two', 'theirs'])->pluck('id')->all());
    }

    public function testAPasswordThatIsAmongWhatIsTriedFirstIsRefused(): void
    {
        foreach (['passwordpassword', 'Password2024!!', 'qwerty123456', '123456789012', 'aaaaaaaaaaaa', 'abcdefghijkl', '1qaz2wsx3edc', 'Dragon Master 12', 'signe harbour', 'HarbourSigne99!', 'qwertyuiop[]12'] as $tried) {
            self::assertTrue(TriedFirst::isKnown($tried, ['Signe', 'signe@harbour.example', 'Harbour kiosk']), $tried);
        }
        foreach ([self::WORDS, 'some plain words', 'other plain words', 'gooseberry under the lantern', 'Vj4#kq0Zp!w2', 'sju sjösjuka sjömän', 'tre hyllor mandelmassa', 'kiosk'] as $good) {
            self::assertSame($good === 'kiosk', TriedFirst::isKnown($good, ['Harbour kiosk']), $good);
        }
        $this->postJson('/api/owner', ['studio' => 'Harbour kiosk', 'name' => 'Signe', 'email' => 'signe@harbour.example', 'password' => 'harbour harbour'])->assertUnprocessable()->assertJsonPath('field', 'password')->assertJsonPath('detail', 'That is among what is tried first. Three or four words that do not belong together are good.');
        $this->postJson('/api/owner', ['studio' => 'Harbour kiosk', 'name' => 'Signe', 'email' => 'signe@harbour.example', 'password' => self::WORDS])->assertCreated();
        $this->putJson('/api/password', ['current' => self::WORDS, 'password' => 'signe12345678'])->assertUnprocessable()->assertJsonPath('field', 'password');
    }

    public function testASessionIsWrittenWhenThereIsSomethingToWrite(): void
    {
        $writes = 0;
        DB::listen(static function (QueryExecuted $done) use (&$writes): void {
            $writes += preg_match('/^(update|insert)/', $done->sql);
        });
        $open = static fn(): Sessions => new Sessions(DB::connection(), 'sessions', 720, app());
        $look = static fn(string $at): string => serialize(['_token' => 'x', '_previous' => ['url' => $at]]);
        $first = $open();
        self::assertSame('', $first->read('s'));
        $first->write('s', $look('/api/dishes'));
        self::assertSame(1, $writes);
        $second = $open();
        self::assertSame(['_token' => 'x'], unserialize($second->read('s')), 'where one looked is not kept');
        $second->write('s', $look('/api/shelf'));
        self::assertSame(1, $writes, 'only looked');
        $this->travel(Sessions::SEEN_EVERY - 1)->seconds();
        ($third = $open())->read('s');
        $third->write('s', $look('/api/shelf'));
        self::assertSame(1, $writes);
        $this->travel(1)->seconds();
        $third->write('s', $look('/api/shelf'));
        self::assertSame(2, $writes, 'still there');
        ($fourth = $open())->read('s');
        $fourth->write('s', serialize(['_token' => 'y']));
        self::assertSame(3, $writes, 'something else to keep');
        $fourth->write('t', serialize(['_token' => 'y']));
        self::assertSame(2, DB::table('sessions')->whereIn('id', ['s', 't'])->count(), 'another id is another session');
        $this->travel(721)->minutes();
        self::assertSame('', $open()->read('s'), 'over');
    }

    public function testWhatIsChangedIsWrittenDownWithItsRevisions(): void
    {
        $this->signIn('Jorun');
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $formula['layers'][0]['lines'][0]['grams'] = 141;
        $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula])->assertOk();
        $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula])->assertStatus(409);
        $this->postJson('/api/readings', ['text' => '5 g sugar'])->assertOk();
        $this->getJson('/api/audit')->assertForbidden();
        $this->signIn('Ilka');
        $entries = (array) $this->getJson('/api/audit')->assertOk()->json('entries');
        self::assertCount(1, $entries, 'what was refused was not done');
        self::assertSame(['Jorun', 'PATCH versions/{version}', "version $version->id", 1, 2], [$entries[0]['who'], $entries[0]['what'], $entries[0]['subject'], $entries[0]['from_revision'], $entries[0]['to_revision']]);
        $this->get('/api/audit.csv')->assertOk()->assertSee('Jorun,"PATCH versions/{version}"', false);
        Audit::query()->insert(['studio_id' => $this->studio()->id, 'who' => '=1+1', 'what' => 'x', 'subject' => '', 'request' => str_repeat('0', 26)]);
        $this->getJson('/api/audit.csv')->assertSee("'=1+1", false);
        self::assertSame('Jorun', $this->getJson("/api/versions/$version->id/revisions")->json('0.author'));
    }

    public function testAnOwnerIsMadeFromTheConsole(): void
    {
        self::assertSame(0, Artisan::call('studio:owner', ['studio' => 'Night kitchen', 'name' => 'Signe', 'email' => 'signe@night.example']));
        self::assertSame(1, preg_match('/signs in with: (.+)/', Artisan::output(), $m));
        $this->out();
        $this->postJson('/api/session', ['email' => 'signe@night.example', 'password' => trim($m[1] ?? '')])->assertOk()->assertJsonPath('studio.name', 'Night kitchen');
        self::assertSame(1, Artisan::call('studio:owner', ['studio' => 'X', 'name' => 'Y', 'email' => 'signe@night.example']));
    }

    /** @return array<string, array{string, array<string, string>, string, int}> */
    public static function strangers(): array
    {
        $json = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];

        return [
            'another page' => ['{}', [...$json, 'HTTP_ORIGIN' => 'https://elsewhere.example'], 'other-origin', 403],
            'no page at all' => ['{}', [...$json, 'HTTP_ORIGIN' => 'null'], 'other-origin', 403],
            'a page beside' => ['{}', [...$json, 'HTTP_SEC_FETCH_SITE' => 'same-site'], 'other-origin', 403],
            'a form' => ['title=x', ['CONTENT_TYPE' => 'application/x-www-form-urlencoded'], 'not-json', 415],
            'a text' => ['{"title":"x"}', ['CONTENT_TYPE' => 'text/plain'], 'not-json', 415],
            'another name' => ['{}', [...$json, 'HTTP_HOST' => 'rebound.example'], 'unknown-name', 421],
            'no JSON' => ['{"title":', $json, 'unreadable', 422],
            'far too deep' => [str_repeat('[', 30) . str_repeat(']', 30), $json, 'unreadable', 422],
            'far too large' => ['"' . str_repeat('x', 1_600_000) . '"', $json, 'too-large', 413],
        ];
    }

    /** @param array<string, string> $server */
    #[DataProvider('strangers')]
    public function testWhatComesFromElsewhereOrInAnotherFormIsTurnedAway(string $body, array $server, string $type, int $status): void
    {
        $dish = $this->dish();
        $answer = $this->call('PATCH', isset($server['HTTP_HOST']) ? "http://rebound.example/api/dishes/$dish->id" : "/api/dishes/$dish->id", [], [], [], $server, $body);
        $answer->assertStatus($status)->assertJsonPath('type', "urn:transmuta:problem:$type");
        self::assertNotSame('', $answer->json('mend'));
        self::assertSame($dish->title, $dish->refresh()->title);
    }

    public function testNoFieldAndNoHeaderMakesAPostAnythingElse(): void
    {
        $dish = $this->dish();
        foreach ([['_method' => 'DELETE'], []] as $body) {
            $this->call('POST', "/api/dishes/$dish->id?_method=DELETE", [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_X_HTTP_METHOD_OVERRIDE' => 'DELETE', 'HTTP_ACCEPT' => 'application/json'], (string) json_encode($body));
        }
        self::assertNull($dish->refresh()->deleted_at);
    }

    public function testEveryAnswerSaysWhatABrowserMayDoWithIt(): void
    {
        $this->withoutVite();
        foreach (['/', '/api/session', '/api/nothing', '/bench/1'] as $address) {
            $answer = $this->get($address);
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'; script-src 'self';", $policy);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertSame(['nosniff', 'DENY', 'same-origin'], [$answer->headers->get('X-Content-Type-Options'), $answer->headers->get('X-Frame-Options'), $answer->headers->get('Referrer-Policy')]);
        }
    }

    public function testAWriteWhoseAnswerWasLostIsDoneOnce(): void
    {
        $version = $this->original();
        $formula = $this->formulaOf($version);
        $formula['layers'][0]['lines'][0]['grams'] = 141;
        $once = ['Idempotency-Key' => '01KEYOFTHISSAVE0000000000'];
        $first = $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula], $once)->assertOk()->assertJsonPath('version.revision', 2)->assertHeaderMissing('Idempotent-Replay');
        $again = $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula], $once)->assertOk()->assertHeader('Idempotent-Replay', 'true')->assertHeader('ETag', $first->headers->get('ETag'));
        self::assertSame($first->json(), $again->json());
        self::assertSame(2, $version->refresh()->revision);
        // Under another word, and by somebody else, it is another write.
        $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula], ['Idempotency-Key' => '01KEYOFANOTHERSAVE00000000'])->assertStatus(409);
        $this->signIn('Jorun');
        $this->patchJson("/api/versions/$version->id", ['revision' => 1, 'formula' => $formula], $once)->assertStatus(409);
        // What was refused is tried anew.
        $refused = ['Idempotency-Key' => '01KEYOFWHATWASREFUSED00000'];
        $dish = $this->dish();
        $this->postJson("/api/dishes/$dish->id/errands", ['words' => ''], $refused)->assertUnprocessable();
        $made = $this->postJson("/api/dishes/$dish->id/errands", ['words' => 'x'], $refused)->assertCreated()->json('id');
        self::assertSame($made, $this->postJson("/api/dishes/$dish->id/errands", ['words' => 'x'], $refused)->assertCreated()->json('id'));
        $this->deleteJson("/api/errands/$made", [], ['Idempotency-Key' => '01KEYOFAREMOVAL0000000000'])->assertNoContent();
        $this->deleteJson("/api/errands/$made", [], ['Idempotency-Key' => '01KEYOFAREMOVAL0000000000'])->assertNotFound();
    }

    public function testTwoThatStandInEachOthersWayAreTriedAgain(): void
    {
        self::assertInstanceOf(Store::class, DB::connection());
        DB::rollBack();
        $tries = 0;
        try {
            $done = DB::transaction(static function () use (&$tries): string {
                if (++$tries < 3) {
                    throw new \Illuminate\Database\QueryException('mariadb', 'update x', [], new \PDOException('SQLSTATE[40001]: Deadlock found when trying to get lock; try restarting transaction', 40001));
                }

                return 'done';
            });
            self::assertSame(['done', 3], [$done, $tries]);
        } finally {
            DB::beginTransaction();
        }
    }

    public function testEveryAnswerHasAnIdAndAnOwnerSeesHowItStands(): void
    {
        $first = (string) $this->getJson('/api/health')->assertOk()->assertJsonCount(5, 'checks')->assertJsonPath('checks.0.what', 'Store')->assertJsonPath('checks.0.is_well', true)->headers->get('X-Request-Id');
        self::assertMatchesRegularExpression('/^[0-9A-HJKMNP-TV-Z]{26}$/', $first);
        self::assertNotSame($first, $this->getJson('/api/health')->headers->get('X-Request-Id'));
    }

    public function testALinksSecretIsInNoLineOfTheLog(): void
    {
        $told = [];
        Event::listen(static function (MessageLogged $line) use (&$told): void {
            $told = $line->context;
        });
        $this->getJson('/api/links/a-secret-of-somebody')->assertNotFound();
        Log::info('anything');
        self::assertSame('api/links/{secret}', $told['route'] ?? null);
        self::assertStringNotContainsString('a-secret-of-somebody', (string) json_encode($told));
    }
}
