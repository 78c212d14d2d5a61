<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** The console commands as a script calls them: they need no database. */
final class ConsoleTest extends TestCase
{
    public function testReadPrintsOneJsonObject(): void
    {
        [$code, $out] = self::artisan(['formula:read', 'core/data/demo/cardamom-set-custard.txt']);
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame('Cardamom set custard', $json['title']);
        self::assertSame(['title', 'family', 'portions', 'layers', 'portion', 'per_100g', 'us', 'questions', 'allergens', 'diets', 'claims', 'cooling', 'keeps_days', 'unresolved', 'provisional', 'inferred', 'aside', 'others'], array_keys($json));
    }

    public function testReadTakesStandardInputAndTheJsonForm(): void
    {
        [$code, $out] = self::artisan(['formula:read', '-'], '{"title": "x", "layers": [{"name": "A", "lines": ["120 g lemon juice", {"ingredient": "sugar", "grams": 80}]}]}');
        self::assertSame(0, $code);
        self::assertSame(200.0, (float) json_decode($out, true)['layers'][0]['mass_g']);
    }

    public function testReformulatePrintsRoutesBestFirst(): void
    {
        [$code, $out] = self::artisan(['formula:reformulate', 'core/data/demo/passion-fruit-curd-tartlet.txt', '--diet=vegan', '--kcal=300']);
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['brief', 'original', 'routes', 'blocked', 'proposals'], array_keys($json));
        self::assertGreaterThanOrEqual(3, count($json['routes']));
        foreach ($json['routes'] as $route) {
            self::assertSame(['name', 'fit', 'met', 'standing', 'hash', 'near', 'questions', 'debts', 'blocked_by', 'result', 'changes', 'steps', 'watch'], array_keys($route));
            self::assertSame($route['met'], $route['standing'] === 'met');
            self::assertNotSame('missed', $route['standing']);
        }
    }

    public function testAnUnreadableFileExitsWithTwoAndNamesTheLine(): void
    {
        [$code, $out, $err] = self::artisan(['formula:read', '-'], "title: x\nlayer: a\ntreat: frobnicate\n10 g sugar");
        self::assertSame(2, $code);
        self::assertSame('', $out);
        self::assertStringStartsWith('line 3: "treat: frobnicate" cannot be read as treat.', $err);
        [$code, , $err] = self::artisan(['formula:read', '/nowhere.txt']);
        self::assertSame(2, $code);
        self::assertStringContainsString('cannot be opened', $err);
    }

    public function testAnUnknownDietOrLimitExitsWithTwo(): void
    {
        [$code, , $err] = self::artisan(['formula:reformulate', '-', '--diet=lunar'], '10 g sugar');
        self::assertSame(2, $code);
        self::assertStringContainsString('--diet=lunar is not known', $err);
        [$code, , $err] = self::artisan(['formula:reformulate', '-', '--kcal=few'], '10 g sugar');
        self::assertSame(2, $code);
        self::assertStringContainsString('--kcal=few is not a number', $err);
    }

    public function testWhatIsKeptOutIsAllergenFunctionOrIngredientAndNothingElse(): void
    {
        $dish = 'core/data/demo/passion-fruit-curd-tartlet.txt';
        [$code, $out] = self::artisan(['formula:reformulate', $dish, '--diet=vegan', '--without=soy', '--without=agar']);
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertEqualsCanonicalizing(['soy', 'agar'], $json['brief']['without']);
        foreach ($json['routes'] as $route) {
            self::assertNotContains('soy', $route['result']['allergens']);
            self::assertStringNotContainsStringIgnoringCase('agar', implode(' ', array_merge(...array_column($route['changes']['layers'] ?? [[]], 'in'))));
        }
        [$code, $out, $err] = self::artisan(['formula:reformulate', $dish, '--diet=vegan', '--without=soi']);
        self::assertSame(2, $code);
        self::assertSame('', $out);
        self::assertStringContainsString('soi', $err);
    }

    public function testADishOfNoMassIsRefused(): void
    {
        [$code, , $err] = self::artisan(['formula:reformulate', '-', '--diet=vegan'], "title: x\nlayer: Empty\n0 g sugar");
        self::assertSame(2, $code);
        self::assertStringContainsString('Empty', $err);
    }

    public function testAnOutOfReachBriefSaysWhichLimitByHowMuchAndTheNearest(): void
    {
        [$code, $out] = self::artisan(['formula:reformulate', 'core/data/demo/passion-fruit-curd-tartlet.txt', '--diet=vegan', '--kcal=60']);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame([], $json['routes']);
        self::assertSame(0, $code, 'an answer, not an error');
        self::assertSame(['what', 'number', 'unit', 'reason', 'nearest', 'because'], array_keys($json['blocked'][0]));
        self::assertSame('kcal', $json['blocked'][0]['unit']);
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function artisan(array $arguments, string $input = ''): array
    {
        $process = proc_open([PHP_BINARY, 'artisan', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2), ['DB_SOCKET' => '/nowhere/at/all.sock', 'APP_ENV' => 'testing'] + getenv());
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }
}
