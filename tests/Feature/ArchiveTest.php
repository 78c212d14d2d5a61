<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Here;
use App\Archive\Contents;
use App\Archive\Earlier;
use App\Archive\Packer;
use App\Archive\Shapes;
use App\Archive\Unpacker;
use App\Models\Dish;
use App\Models\Membership;
use App\Models\Studio;
use App\Models\Trial;
use App\Models\User;
use App\Models\Version;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Transmuta\Fault\Nonsense;

/** A studio is taken along whole, comes back as it was, and nothing comes in that is not what it says. */
final class ArchiveTest extends FeatureCase
{
    /** @var list<string> */
    private array $made = [];

    protected function tearDown(): void
    {
        array_map(static fn(string $file): bool => @unlink($file), $this->made);
        parent::tearDown();
    }

    private function file(): string
    {
        return $this->made[] = (string) tempnam(sys_get_temp_dir(), 'studio');
    }

    private function packed(?Studio $studio = null): string
    {
        $file = $this->file();
        app(Packer::class)->pack($studio ?? $this->studio(), $file);

        return $file;
    }

    private function somebody(): User
    {
        return User::query()->create(['name' => 'Odile', 'email' => 'odile@elsewhere.example', 'password' => 'a few words to remember']);
    }

    /** Everything a studio can hold, held once. */
    private function filled(): void
    {
        $dish = $this->dish();
        $version = $this->original();
        $this->putJson('/api/studio', ['name' => 'Observatory tea room', 'currency' => 'GBP', 'kitchen' => ['handles' => ['milk', 'nuts'], 'shares' => []]])->assertOk();
        $this->postJson('/api/preparations', ['name' => 'House nut praline', 'text' => "100 g hazelnuts\n100 g sugar"])->assertCreated();
        $this->postJson('/api/shelf/butter/evidence', ['diet' => 'vegan', 'meets' => false, 'note' => 'read on the packet', 'seen_on' => '2026-01-01', 'who' => 'Ilka'])->assertSuccessful();
        $lot = $this->postJson('/api/shelf/butter/lots', ['code' => 'B7', 'came_on' => '2026-01-02', 'best_before' => '2027-01-02'])->assertCreated()->json('id');
        $this->postJson("/api/versions/$version->id/trials", ['made_on' => '2026-01-03', 'set_step' => 3, 'sweetness' => 'right', 'sharpness' => 'right', 'remark' => '=held its edge', 'lots' => [$lot]])->assertCreated();
        $this->postJson('/api/trials/' . Trial::query()->max('id') . '/photos', ['image' => base64_encode(LearningTest::picture())])->assertCreated();
        $copy = $this->postJson("/api/dishes/$dish->id/copies")->assertCreated()->json('id');
        $this->deleteJson("/api/dishes/$copy")->assertNoContent();
        $this->patchJson('/api/dishes/' . $this->dish('Bay-leaf cream slice')->id, ['away' => true])->assertOk();
        $formula = $this->formulaOf($version);
        $formula['layers'][0]['lines'][0]['grams'] += 1;
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => $version->refresh()->revision])->assertOk();
        $service = $this->postJson('/api/services', ['name' => 'Friday', 'serve_at' => '2026-12-05T19:30', 'items' => [['version_id' => $version->id, 'portions' => 12]]])->assertCreated()->json();
        $this->putJson("/api/services/$service[id]/steps", ['item_id' => $service['items'][0]['id'], 'step' => 'a1', 'state' => 'done', 'at' => '2026-12-05T10:00'])->assertNoContent();
        $run = $this->postJson("/api/versions/$version->id/runs", ['portions' => 6, 'service_item_id' => $service['items'][0]['id']])->assertCreated()->json('id');
        $this->postJson("/api/runs/$run/events", ['events' => [['client_id' => str_repeat('A', 26), 'kind' => 'note', 'body' => ['text' => '=loose'], 'at' => '2026-12-05T10:00:00']]])->assertOk();
        app()->forgetScopedInstances();
    }

    /** @return array<string, list<array<string, mixed>>> by table, with each id as the how-manieth of its table it is */
    private static function within(string $file): array
    {
        $zip = new \ZipArchive();
        $zip->open($file);
        /** @var array<string, list<array<string, mixed>>> $tables */
        $tables = [];
        foreach (array_keys(Contents::TABLES) as $table) {
            $tables[$table] = array_map(static fn(string $line): array => (array) json_decode($line, true, 64, \JSON_THROW_ON_ERROR), array_values(array_filter(explode("\n", (string) $zip->getFromName("tables/$table.jsonl")))));
        }
        $nth = array_map(static fn(array $rows): array => array_flip(array_column($rows, 'id')), $tables);
        foreach (Contents::TABLES as $table => $points) {
            foreach ($tables[$table] as &$row) {
                foreach ([...$points, 'id' => $table] as $column => $to) {
                    if (isset($row[$column])) {
                        $row[$column] = $nth[$to][$row[$column]] ?? 'nowhere';
                    }
                }
            }
            unset($row);
        }
        // What was tasted names its version inside.
        foreach ($tables['tastings'] as &$row) {
            $samples = \is_array($row['samples']) ? $row['samples'] : [];
            foreach ($samples as &$sample) {
                foreach (['version_id' => 'versions', 'revision_id' => 'revisions'] as $column => $to) {
                    $sample[$column] = $sample[$column] === null ? null : $nth[$to][$sample[$column]] ?? 'nowhere';
                }
            }
            unset($sample);
            $row['samples'] = $samples;
        }
        unset($row);

        return $tables;
    }

    public function testEveryTableAndEveryColumnIsSpokenOf(): void
    {
        $columns = [];
        foreach (DB::select('select table_name as t, column_name as c, data_type as d from information_schema.columns where table_schema = database()') as $row) {
            $columns[$row->t][$row->c] = $row->d;
        }
        self::assertEqualsCanonicalizing(array_keys($columns), [...array_keys(Contents::TABLES), ...array_keys(Contents::STAYS)]);
        foreach (array_keys(Contents::TABLES) as $table) {
            // What is long text is JSON, or prose: notes, words and remarks of people.
            $json = array_keys(array_filter($columns[$table], static fn(string $type): bool => $type === 'longtext'));
            self::assertEqualsCanonicalizing(array_values(array_diff($json, Contents::MADE_ANEW[$table] ?? [])), Contents::JSON[$table] ?? [], $table);
            // Whatever points at a row of a studio's is carried over to where that row now stands.
            $keys = DB::select('select column_name as c, referenced_table_name as t from information_schema.key_column_usage where table_schema = database() and table_name = ? and referenced_column_name in (\'id\', \'version_id\') and column_name <> \'studio_id\'', [$table]);
            foreach ($keys as $key) {
                self::assertArrayHasKey($key->c, Contents::TABLES[$table], "$table.$key->c");
            }
            foreach (Contents::TABLES[$table] as $column => $to) {
                self::assertArrayHasKey($column, $columns[$table]);
                self::assertArrayHasKey($to, Contents::TABLES);
            }
            self::assertSame(isset($columns[$table]['studio_id']), !\in_array($table, Contents::BY_VERSION, true), $table);
        }
        $own = array_keys($columns['studios']);
        self::assertEqualsCanonicalizing($own, [...Contents::STUDIO, 'id', 'slug', 'created_at', 'updated_at', 'shelf_revision', 'revision']);
    }

    public function testAStudioComesBackAsItWas(): void
    {
        $this->filled();
        $before = $this->packed();
        foreach (self::within($before) as $table => $rows) {
            self::assertNotSame([], $rows, "$table holds something to be lost");
        }
        $there = DB::table('versions')->where('studio_id', $this->studio()->id)->orderBy('id')->get()->all();
        $owner = $this->somebody();
        ['studio' => $studio, 'rows' => $rows] = app(Unpacker::class)->unpack($before, $owner);
        self::assertEquals($there, DB::table('versions')->where('studio_id', $this->studio()->id)->orderBy('id')->get()->all(), 'what is there is not touched');
        self::assertSame(['Observatory tea room', 'GBP'], [$studio->name, $studio->currency]);
        self::assertNotSame($this->studio()->slug, $studio->slug);
        self::assertSame(['milk', 'nuts'], $studio->kitchen['handles'] ?? null);
        self::assertSame('owner', Membership::query()->where('studio_id', $studio->id)->sole()->role->value);
        // Packed again it is, row by row and value by value, the archive it came from.
        self::assertSame(self::within($before), self::within($this->packed($studio)));
        self::assertSame($rows['dishes'], Dish::withTrashed()->where('studio_id', $studio->id)->count());
        $held = static fn(int $id): array => DB::table('version_ingredients')->join('versions', 'versions.id', '=', 'version_ingredients.version_id')->where('version_ingredients.studio_id', $id)->orderBy('version_id')->orderBy('slug')->get(['slug', 'name'])->all();
        self::assertEquals($held($this->studio()->id), $held($studio->id));
        // And it reads as it did.
        $mine = Version::query()->where('studio_id', $this->studio()->id)->orderBy('id')->get();
        $readings = [];
        foreach ($mine as $v) {
            $readings[] = $this->getJson("/api/versions/$v->id")->assertOk()->json('now.reading');
        }
        $this->actingAs($owner, 'web');
        $this->withSession([Here::STUDIO => $studio->id]);
        app()->forgetScopedInstances();
        $theirs = Version::query()->where('studio_id', $studio->id)->orderBy('id')->get();
        self::assertSame($mine->count(), $theirs->count());
        foreach ($theirs as $n => $v) {
            app()->forgetScopedInstances();
            self::assertSame($readings[$n], $this->getJson("/api/versions/$v->id")->assertOk()->json('now.reading'), $v->name);
        }
    }

    public function testItIsOfOpenFormatsAndReadable(): void
    {
        $this->filled();
        $zip = new \ZipArchive();
        $zip->open($this->packed());
        $names = array_map(static fn(int $n): string => (string) $zip->getNameIndex($n), range(0, $zip->numFiles - 1));
        $text = array_values(array_filter($names, static fn(string $name): bool => str_contains($name, 'passion-fruit-curd-tartlet/') && str_ends_with($name, 'original.txt')));
        self::assertStringContainsString('title: Passion-fruit curd tartlet', (string) $zip->getFromName($text[0]));
        self::assertStringContainsString('Ilka', (string) $zip->getFromName('audit.csv'));
        $all = implode('', array_map(static fn(string $name): string => (string) $zip->getFromName($name), $names));
        foreach (['$argon2', 'ilka@observatory.example', 'XSRF'] as $secret) {
            self::assertStringNotContainsString($secret, $all);
        }
    }

    /** @return array<string, array{callable(array<string, string>): array<string, string>, string}> what is done to the files before their sums are taken, and what is said */
    private static function wrongs(): array
    {
        $line = static fn(string $file, callable $change): \Closure => static function (array $files) use ($file, $change): array {
            $lines = explode("\n", trim($files[$file]));
            $row = json_decode($lines[0], true);
            $lines[0] = json_encode($change($row), \JSON_THROW_ON_ERROR);

            return [$file => implode("\n", $lines) . "\n"] + $files;
        };

        return [
            'a mass below nothing' => [$line('tables/versions.jsonl', static function (array $row): array {
                $row['formula']['layers'][0]['lines'][0]['grams'] = -5;

                return $row;
            }), 'tables/versions.jsonl, row 1'],
            'a formula that is none' => [$line('tables/revisions.jsonl', static fn(array $row): array => ['formula' => ['layers' => 'x']] + $row), 'tables/revisions.jsonl, row 1'],
            'a version of no dish' => [$line('tables/versions.jsonl', static fn(array $row): array => ['dish_id' => 987654321] + $row), 'dish_id 987654321'],
            'a column too many' => [$line('tables/dishes.jsonl', static fn(array $row): array => $row + ['studio_id' => 1]), 'studio_id'],
            'a column too few' => [$line('tables/dishes.jsonl', static fn(array $row): array => array_diff_key($row, ['title' => 1])), 'title'],
            'a list where a word stands' => [$line('tables/dishes.jsonl', static fn(array $row): array => ['title' => ['a']] + $row), 'tables/dishes.jsonl, row 1'],
            'a day that is none' => [$line('tables/lots.jsonl', static fn(array $row): array => ['came_on' => '2026-02-31'] + $row), 'tables/lots.jsonl, row 1'],
            'another state under a fingerprint' => [$line('states.jsonl', static function (array $row): array {
                $row['content']['name'] = 'Poison';

                return $row;
            }), 'states.jsonl, row 1'],
            'another ingredient under a fingerprint' => [$line('tables/own_ingredients.jsonl', static function (array $row): array {
                $row['content']['allergens'] = [];
                $row['content']['name'] = 'Safe';

                return $row;
            }), 'tables/own_ingredients.jsonl, row 1'],
            'a price below nothing' => [$line('tables/price_lists.jsonl', static function (array $row): array {
                $row['articles'][0]['minor'] = -1;

                return $row;
            }), 'tables/price_lists.jsonl, row 1'],
            'a finding that is none' => [$line('tables/trials.jsonl', static fn(array $row): array => ['found' => ['layers' => [['layer_id' => 'x']]]] + $row), 'tables/trials.jsonl, row 1'],
            'pots without a dose' => [$line('tables/pot_ladders.jsonl', static fn(array $row): array => ['design' => ['layer' => 'x', 'agents' => [], 'pots' => [['code' => 'x']]]] + $row), 'tables/pot_ladders.jsonl, row 1'],
            'a plan that fixes nothing' => [$line('tables/tastings.jsonl', static fn(array $row): array => ['plan' => []] + $row), 'tables/tastings.jsonl, row 1'],
            'a picture that is none' => [$line('tables/trial_photos.jsonl', static fn(array $row): array => ['jpeg' => 'x'] + $row), 'tables/trial_photos.jsonl, row 1'],
            'words for a pack' => [$line('tables/price_lists.jsonl', static fn(array $row): array => ['articles' => ['x']] + $row), 'tables/price_lists.jsonl, row 1'],
            'a measure that holds nothing' => [$line('studio.jsonl', static fn(array $row): array => ['measures' => [['name' => 'ladle', 'ml' => 0]]] + $row), 'studio.jsonl'],
            'a currency that is none' => [$line('studio.jsonl', static fn(array $row): array => ['currency' => '=1+1'] + $row), 'studio.jsonl'],
            ...self::poisons($line),
            'a diet that is none' => [$line('tables/service_items.jsonl', static fn(array $row): array => ['diets' => ['paleo']] + $row), 'tables/service_items.jsonl, row 1'],
            'no table at all' => [static fn(array $files): array => array_diff_key($files, ['tables/trials.jsonl' => 1]), 'tables/trials.jsonl'],
            'no JSON' => [static fn(array $files): array => ['tables/errands.jsonl' => "<html>\n"] + $files, 'tables/errands.jsonl, row 1'],
            'fewer rows than were written' => [static fn(array $files): array => ['tables/errands.jsonl' => ''] + $files, 'tables/errands.jsonl'],
            'a newer form' => [static fn(array $files): array => ['manifest.json' => str_replace('"version": 1', '"version": 2', $files['manifest.json'])] + $files, 'manifest.json'],
            'another kind of archive' => [static fn(array $files): array => ['manifest.json' => '{"format":"cups"}'] + $files, 'manifest.json'],
        ];
    }

    /**
     * Every column that holds JSON with a number in its place, and what else broke a screen for good: attack A11.
     *
     * @param callable(string, callable(array<string, mixed>): array<string, mixed>): callable $line
     *
     * @return array<string, array{callable, string}>
     */
    private static function poisons(callable $line): array
    {
        $found = [];
        foreach (Contents::JSON as $table => $columns) {
            self::assertSame([], array_diff($columns, array_keys(Shapes::RULES[$table])), "$table: each of its columns says of what kind it is");
            foreach ($columns as $column) {
                $found["7 for $table.$column"] = [$line("tables/$table.jsonl", static fn(array $row): array => [$column => 7] + $row), "tables/$table.jsonl, row 1"];
            }
        }
        foreach (['schools', 'kitchen', 'measures', 'factors', 'rates'] as $column) {
            $found["7 for the studio's $column"] = [$line('studio.jsonl', static fn(array $row): array => [$column => 7] + $row), 'studio.jsonl'];
        }

        return [
            ...$found,
            'a school nobody is of' => [$line('studio.jsonl', static fn(array $row): array => ['schools' => ['leaf' => 'nonsense']] + $row), 'studio.jsonl'],
            'a step beyond the ladder' => [$line('tables/trials.jsonl', static fn(array $row): array => ['set_step' => 99] + $row), 'tables/trials.jsonl, row 1'],
            'a way to taste that is none' => [$line('tables/tastings.jsonl', static fn(array $row): array => ['method' => 'nonsense'] + $row), 'tables/tastings.jsonl, row 1'],
        ];
    }

    public function testWhatComesOutIsCountedAndNotWhatIsSaid(): void
    {
        $file = $this->file();
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $long = str_repeat('0', 3_000_000);
        $zip->addFromString('manifest.json', (string) json_encode(['format' => Contents::FORMAT, 'version' => Contents::VERSION, 'rows' => [], 'sha256' => array_fill_keys(['studio.jsonl', 'states.jsonl', ...array_map(Contents::place(...), array_keys(Contents::TABLES))], hash('sha256', $long))]));
        $zip->addFromString('studio.jsonl', $long);
        $zip->close();
        // The central directory says one byte.
        $bytes = (string) file_get_contents($file);
        file_put_contents($file, str_replace(pack('V', 3_000_000), pack('V', 1), $bytes));
        $this->expectException(Nonsense::class);
        app(Unpacker::class)->unpack($file, $this->somebody(), 1_000_000);
    }

    public function testWhatCannotBeRightIsRefusedByItsPlaceAndLeavesNothing(): void
    {
        $this->filled();
        $owner = $this->somebody();
        $zip = new \ZipArchive();
        $zip->open($this->packed());
        $right = [];
        for ($n = 0; $n < $zip->numFiles; ++$n) {
            $right[(string) $zip->getNameIndex($n)] = (string) $zip->getFromIndex($n);
        }
        $counts = static fn(): array => array_map(static fn(string $table): int => DB::table($table)->count(), [...array_keys(Contents::TABLES), 'studios', 'ingredient_states', 'memberships', 'version_ingredients']);
        $was = $counts();
        foreach (self::wrongs() as $what => [$wrong, $said]) {
            $file = $this->forged($wrong($right));
            try {
                app(Unpacker::class)->unpack($file, $owner);
                self::fail("$what came in");
            } catch (Nonsense $refused) {
                self::assertStringContainsString($said, $refused->getMessage(), $what);
            }
            self::assertSame($was, $counts(), $what);
        }
    }

    /** @param array<string, string> $files whoever means harm takes their sums anew */
    private function forged(array $files): string
    {
        $manifest = json_decode($files['manifest.json'], true);
        if (isset($manifest['sha256'])) {
            $manifest['sha256'] = array_map(static fn(string $content): string => hash('sha256', $content), array_diff_key($files, ['manifest.json' => 1]));
        }
        $file = $this->file();
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        foreach (['manifest.json' => json_encode($manifest, \JSON_THROW_ON_ERROR)] + $files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $file;
    }

    public function testAFileThatChangedOnTheWayIsRefused(): void
    {
        $file = $this->packed();
        $zip = new \ZipArchive();
        $zip->open($file);
        $zip->addFromString('tables/errands.jsonl', (string) $zip->getFromName('tables/errands.jsonl') . "\n");
        $zip->close();
        $this->expectExceptionMessage('tables/errands.jsonl: "what it holds" cannot be right; it is not the file that was exported');
        app(Unpacker::class)->unpack($file, $this->somebody());
    }

    /** An archive of when a dish was made for one diet, and nothing was put into a drawer. */
    public function testWhatWasTakenAlongBeforeComesBack(): void
    {
        self::assertSame(['portions' => 2, 'diets' => ['vegan']], Earlier::asNow('service_items', ['portions' => 2, 'diet' => 'vegan']));
        self::assertSame(['portions' => 2, 'diets' => []], Earlier::asNow('service_items', ['portions' => 2, 'diet' => null]));
        self::assertSame(['name' => 'x', 'deleted_at' => null], Earlier::asNow('services', ['name' => 'x']));
        $now = ['portions' => 2, 'diets' => ['vegan', 'keto']];
        self::assertSame($now, Earlier::asNow('service_items', $now));
    }

    public function testAnOwnerTakesItAlongAndBringsItIn(): void
    {
        $left = glob(storage_path('framework/cache/*.zip')) ?: [];
        $got = $this->getJson('/api/studio/archive')->assertOk()->assertHeader('Content-Type', 'application/zip');
        self::assertStringContainsString('attachment; filename=observatory-tea-room-', (string) $got->headers->get('Content-Disposition'));
        ob_start();
        $got->baseResponse->sendContent();
        $body = (string) ob_get_clean();
        $send = function (string $content, string $type = 'application/zip') {
            $answer = $this->call('POST', '/api/archives', [], [], [], ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json', 'HTTP_CONTENT_LENGTH' => (string) \strlen($content)], $content);
            self::assertNull(Contract::one()->wrong('POST', '/api/archives', $answer->getStatusCode(), (string) $answer->getContent(), null));

            return $answer;
        };
        $send($body)->assertCreated()->assertJson(['name' => 'Observatory tea room', 'dishes' => 10]);
        self::assertSame(2, Membership::query()->where('user_id', User::query()->where('name', 'Ilka')->value('id'))->count());
        $send('not a zip')->assertStatus(422)->assertJsonPath('field', 'archive');
        $send('')->assertStatus(422);
        $send('{}', 'application/json')->assertStatus(415);
        $send($body, 'text/plain')->assertStatus(415);
        $this->call('POST', '/api/archives', [], [], [], ['CONTENT_TYPE' => 'application/zip', 'HTTP_CONTENT_LENGTH' => '16000001'], 'x')->assertStatus(413);
        // What somebody else left behind earlier may be swept meanwhile.
        self::assertSame([], array_values(array_diff(glob(storage_path('framework/cache/*.zip')) ?: [], $left)), 'nothing of it stays');
    }

    public function testFromTheConsoleToo(): void
    {
        $file = $this->file();
        unlink($file);
        self::assertSame(0, Artisan::call('studio:export', ['studio' => 'observatory', 'file' => $file]));
        self::assertSame('0600', substr(\sprintf('%o', fileperms($file)), -4));
        self::assertSame(1, Artisan::call('studio:export', ['studio' => 'observatory', 'file' => $file]), 'nothing is written over');
        self::assertSame(1, Artisan::call('studio:export', ['studio' => 'moon', 'file' => "$file.2"]));
        $this->somebody();
        self::assertSame(0, Artisan::call('studio:import', ['file' => $file, 'owner' => 'Odile@elsewhere.example']));
        self::assertSame(1, Artisan::call('studio:import', ['file' => $file, 'owner' => 'nobody@elsewhere.example']));
        file_put_contents($file, 'x');
        self::assertSame(1, Artisan::call('studio:import', ['file' => $file, 'owner' => 'odile@elsewhere.example']));
        self::assertSame(2, Studio::query()->where('name', 'Observatory tea room')->count());
    }
}
