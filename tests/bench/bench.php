<?php

declare(strict_types=1);

// Times the core by itself and through HTTP, beside the bare framework route as floor, in one run. bin/bench starts what it needs.

require __DIR__ . '/../../core/tests/bootstrap.php';

use Transmuta\Tests\Kit;

/**
 * @param callable(): mixed $do
 *
 * @return array{p50: float, p95: float, n: int} ms
 */
function timed(callable $do, int $times, int $warm = 5): array
{
    return timedInTurn([$do], $times, $warm)[0];
}

/**
 * @template K of array-key
 *
 * @param array<K, callable(): mixed> $all
 *
 * @return array<K, array{p50: float, p95: float, n: int}> ms
 */
function timedInTurn(array $all, int $times, int $warm = 5): array
{
    $ms = [];
    for ($i = -$warm; $i < $times; ++$i) {
        foreach ($all as $what => $do) {
            $start = hrtime(true);
            $do();
            if ($i >= 0) {
                $ms[$what][] = (hrtime(true) - $start) / 1e6;
            }
        }
    }

    return array_map(static function (array $ms) use ($times): array {
        sort($ms);

        return ['p50' => $ms[intdiv($times, 2)], 'p95' => $ms[(int) (0.95 * ($times - 1))], 'n' => $times];
    }, $ms);
}

/** @param array{p50: float, p95: float, n: int} $t */
function row(string $what, array $t, string $aim, ?bool $met): void
{
    printf("%-46s p50 %8.2f ms   p95 %8.2f ms   n %4d   %s %s\n", $what, $t['p50'], $t['p95'], $t['n'], $aim, $met === null ? '' : ($met ? 'met' : 'NOT MET'));
}

$engine = Kit::engine();
$text = "title: Thirty lines\nfamily: cheesecake\nportions: 12\n\nlayer: Base\ntreat: none\ntin: round 230 x 70 mm\n220 g plain biscuit\n90 g butter, melted\n20 g sugar\n1 g salt\n10 g cocoa powder\n\n"
    . "layer: Filling\ntreat: bake 150 C still\n600 g cream cheese\n180 g sugar\n150 g egg\n40 g egg yolk\n150 g sour cream\n20 g cornflour\n25 g lemon juice\n4 g lemon zest\n4 g vanilla extract\n2 g salt\n\n"
    . "layer: Fruit\ntreat: boil 2 min stirred\n250 g blackcurrants\n60 g sugar\n20 g glucose syrup\n5 g lm pectin\n60 g water\n10 g lemon juice\n2 g calcium lactate\n\n"
    . "layer: Cream\ntreat: whip\n200 g whipping cream\n100 g mascarpone\n25 g icing sugar\n3 g vanilla extract\n4 g gelatin powder\n20 g milk\n10 g honey\n10 g rum\n";
$formula = $engine->parse($text);
$lines = array_sum(array_map(static fn($l): int => count($l->understood()), $formula->layers));
// Warm: a worker of the server keeps what it compiled from one request to the next.
$read = timed(static fn() => $engine->read($formula), 400, 100);
row("core: reading a $lines-line dish", $read, 'aim p50 under 3 ms', $read['p50'] < 3.0);
$typed = timed(static fn() => $engine->parse($text), 50);
row('core: the same from text', $typed, '', null);

use Transmuta\Diet\Diet;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Solving\LayerSolver;
use Transmuta\Reformulation\Substitution\Needs;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Tests\Reformulation\Planning;

$curd = Kit::demo('passion-fruit-curd-tartlet');
$reading = $engine->reader->layer($curd->layers[1], $curd->serveAt);
$permit = Planning::permit($curd, [Diet::Vegan]);
$planner = Planning::planner($curd, [Diet::Vegan]);
$needs = new Needs();
$draft = $planner->drafts($reading, $curd->family, $curd->serveAt, $needs)[0];
$solver = new LayerSolver($engine->reader, $permit, $curd->serveAt);
$target = Target::of($reading, $engine->reader, $curd->serveAt);
$solve = timed(static fn() => $solver->solve($reading, $draft, $target, null, [], $needs), 40);
row('core: one draft solved, debts and all (vegan curd)', $solve, 'aim p50 10 ms', $solve['p50'] < 10.0);
$isJit = (opcache_get_status(false)['jit']['on'] ?? false) === true;
$aim = $isJit ? 150.0 : 300.0;
printf("(%s JIT)\n", $isJit ? 'with' : 'without');
$all = [];
$spreads = [];
foreach (array_keys(Kit::demos()) as $name) {
    $dish = Kit::demo($name);
    $spread = 0.0;
    foreach (Diet::cases() as $diet) {
        $one = timed(static fn() => $engine->answer($dish, Brief::of([$diet])), 3, 1);
        $all[] = $one['p50'];
        $spread += in_array($diet->value, ['vegan', 'eggless', 'gluten-free', 'keto', 'high-protein'], true) ? $one['p50'] : 0.0;
    }
    $spreads[] = $spread;
}
sort($all);
sort($spreads);
$routes = ['p50' => $all[intdiv(count($all), 2)], 'p95' => $all[(int) (0.95 * (count($all) - 1))], 'n' => count($all)];
row('core: all routes, each demo dish × diet', $routes, sprintf('aim p95 %d ms', $aim), $routes['p95'] < $aim);
$five = ['p50' => $spreads[intdiv(count($spreads), 2)], 'p95' => $spreads[count($spreads) - 1], 'n' => count($spreads)];
row('core: Spread, five diets of a dish', $five, 'aim p95 600 ms', $five['p95'] < 600.0);

foreach (array_slice($argv, 1) as $base) {
    $handle = curl_init();
    // Signed in to the demo, as a window is.
    curl_setopt_array($handle, [CURLOPT_COOKIEFILE => '']);
    $token = static function () use ($handle): string {
        foreach ((array) curl_getinfo($handle, CURLINFO_COOKIELIST) as $cookie) {
            $parts = explode("\t", (string) $cookie);
            if (($parts[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($parts[6] ?? '');
            }
        }

        return '';
    };
    $ask = static function (string $method, string $path, ?string $body = null) use ($handle, $base, $token): string {
        curl_setopt_array($handle, [CURLOPT_URL => "$base/api/$path", CURLOPT_CUSTOMREQUEST => $method !== '' ? $method : 'GET', CURLOPT_RETURNTRANSFER => true, CURLOPT_POSTFIELDS => $body ?? '', CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'Expect:', 'X-XSRF-TOKEN: ' . $token()]]);
        $answer = curl_exec($handle);
        if (!is_string($answer) || curl_getinfo($handle, CURLINFO_RESPONSE_CODE) >= 400) {
            throw new RuntimeException("$path: " . substr((string) $answer, 0, 300));
        }

        return $answer;
    };
    $ask('GET', 'session');
    $ask('POST', 'session/demo');
    $dish = json_decode($ask('POST', 'dishes', json_encode(['text' => $text], JSON_THROW_ON_ERROR)), true);
    $version = $dish['versions'][0]['id'];
    // Every save weighs the dish anew: validated, written in a transaction and read from nothing kept.
    $revision = $dish['versions'][0]['revision'] ?? 1;
    $grams = 600.0;
    $formulaJson = json_decode($ask('GET', "versions/$version"), true)['now']['formula'];
    $save = static function () use ($ask, $version, &$revision, &$grams, $formulaJson): void {
        $grams += 0.1;
        $formulaJson['layers'][1]['lines'][0]['grams'] = round($grams, 1);
        $revision = json_decode($ask('PATCH', "versions/$version", json_encode(['formula' => $formulaJson, 'revision' => $revision], JSON_THROW_ON_ERROR)), true)['version']['revision'];
    };
    // Turn and turn about, so that all see the same machine.
    ['floor' => $floor, 'one' => $one] = timedInTurn(['floor' => static fn() => $ask('GET', 'floor'), 'one' => static fn() => $ask('GET', "versions/$version")], 200, 20);
    row('HTTP: the bare framework route', $floor, 'floor', null);
    row("HTTP: opening the $lines-line dish, reading kept", $one, sprintf('aim under 1.5 × the floor: %.2f ×', $one['p50'] / $floor['p50']), $one['p50'] < 1.5 * $floor['p50']);
    ['floor' => $floor, 'save' => $anew] = timedInTurn(['floor' => static fn() => $ask('GET', 'floor'), 'save' => $save], 100, 20);
    row("HTTP: saving the $lines-line dish, read anew", $anew, sprintf('aim under 2.5 × the floor: %.2f ×', $anew['p50'] / $floor['p50']), $anew['p50'] < 2.5 * $floor['p50']);
    $shelf = timed(static fn() => $ask('GET', 'shelf'), 30);
    row('HTTP: the whole shelf', $shelf, '', null);
    $counter = timed(static fn() => $ask('GET', 'dishes'), 50);
    row('HTTP: the Counter', $counter, '', null);
    $pdo = new PDO('mysql:unix_socket=' . getenv('DB_SOCKET') . ';dbname=' . getenv('DB_DATABASE'), (string) getenv('DB_USERNAME'), (string) getenv('DB_PASSWORD'));
    $pdo->exec("insert into dishes (studio_id, title, family, schools, summary, created_at, updated_at) select 1, concat('Filler ', seq), 'other', '{}', (select summary from dishes d where d.summary is not null limit 1), now(), now() from seq_1_to_5000");
    $pdo->exec("insert into versions (studio_id, dish_id, name, brief, formula, origin, shelf, wanted, notes, revision, created_at, updated_at) select 1, d.id, 'Original', v.brief, v.formula, v.origin, v.shelf, '{}', '', 1, now(), now() from dishes d join (select * from versions limit 1) v where d.title like 'Filler%'");
    $many = timed(static fn() => $ask('GET', 'dishes'), 50);
    row('HTTP: the Counter with 5,000 dishes', $many, 'aim under 100 ms', $many['p95'] < 100.0);
    $sought = timed(static fn() => $ask('GET', 'dishes?q=4321'), 50);
    row('HTTP: finding one of 5,000', $sought, 'aim under 100 ms', $sought['p95'] < 100.0);
    $pdo->exec("delete from dishes where title like 'Filler%'");
    $ask('DELETE', 'dishes/' . $dish['id']);
}
