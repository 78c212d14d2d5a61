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

    /** The maker's own steps are the making: in their order, every gram once, with what is never heated said before the first. */
    public function testMethodPrintsTheMakersOwnSteps(): void
    {
        $text = "Tart\nserves 8\n\nBase:\n200 g digestive biscuits\n90 g butter\n\nFilling:\n400 g milk\n80 g egg yolks\n80 g sugar\n60 g egg whites\n\nMethod:\n"
            . "Crush the biscuits and mix with the melted butter. Press into a 20 cm tin and chill for at least 30 minutes.\nWhisk the yolks with half the sugar. Boil the milk, pour it over the yolks, return to the pan and boil for 1 minute. Cool.\n"
            . 'Whisk the whites with the rest of the sugar to stiff peaks and fold in. Pour over the base and bake at 160 °C fan for 10 minutes, then 120 for 30.';
        [$code, $out] = self::artisan(['formula:method', '-'], $text);
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        $own = array_values(array_filter($json['steps'], static fn(array $step): bool => $step['origin'] === 'own'));
        self::assertSame(['crush', 'combine', 'press_base', 'chill', 'blanch_yolks', 'boil', 'temper_eggs', 'boil', 'cool', 'meringue_french', 'fold', 'fill', 'bake'], array_column($own, 'operation'));
        self::assertEqualsWithDelta(910.0, array_sum(array_column(array_merge(...array_column($json['steps'], 'lines')), 'grams')), 0.01);
        self::assertEqualsWithDelta(910.0, $own[12]['product_g'], 0.01);
        self::assertSame([['celsius' => 180.0, 'fan' => true, 'minutes' => 10.0], ['celsius' => 120.0, 'fan' => true, 'minutes' => 30.0]], array_map(static fn(array $stage): array => ['celsius' => (float) $stage['celsius'], 'fan' => $stage['fan'], 'minutes' => (float) $stage['minutes']], $own[12]['oven']));
        self::assertSame(30.0, (float) $own[3]['wait_min']['least'], '"at least" binds');
        self::assertSame(array_fill(0, 7, 'steps'), array_column($json['sentences'], 'as'));
        self::assertSame([], $json['raw']);
        self::assertContains('hot', array_column($json['heat'], 'level'));
        // The same without its bake: the whites go in after the heat.
        [, $cold] = self::artisan(['formula:method', '-'], str_replace(' and bake at 160 °C fan for 10 minutes, then 120 for 30.', ' and chill overnight.', $text));
        $stops = json_decode($cold, true, 64, JSON_THROW_ON_ERROR)['stops'];
        self::assertStringContainsString('egg white', implode(' ', array_column($stops, 'text')));
    }

    public function testMethodPrintsTheStepsOfWhateverIsRead(): void
    {
        [$code, $out] = self::artisan(['formula:method', '-'], "Lime pots\nserves 6\n\n1 can condensed milk\n4 limes, juice only\n300 ml double cream, whipped\n3 leaves gelatine");
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['steps', 'critical', 'stops', 'sentences', 'raw', 'kinds', 'heat'], array_keys($json));
        self::assertSame([[], []], [$json['sentences'], $json['raw']], 'nobody wrote how it is made');
        self::assertSame([], $json['stops']);
        [, $raw] = self::artisan(['formula:method', '-'], "500 g milk\n80 g egg yolk\n25 g plain flour");
        self::assertSame(['egg yolk stays raw', 'flour is never cooked'], array_map(static fn(array $stop): string => (string) preg_replace('/^.*?(egg yolk stays raw|flour is never cooked).*$/', '$1', $stop['text']), json_decode($raw, true)['stops']));
        self::assertSame(['id', 'layer', 'kind', 'text', 'lines', 'target_c', 'endpoint', 'hands_on_min', 'wait_min', 'station', 'tools', 'after', 'hold_max_min', 'reason', 'goes_wrong', 'rescue', 'operation', 'origin', 'sentence', 'inputs', 'product_g', 'oven', 'between', 'loss_g', 'loses', 'ways'], array_keys($json['steps'][0]));
        self::assertSame(['drafted'], array_values(array_unique(array_column($json['steps'], 'origin'))));
        $kinds = array_column($json['steps'], 'kind');
        self::assertContains('swell', $kinds);
        self::assertLessThan(array_search('fold', $kinds, true), array_search('whip', $kinds, true));
        self::assertSame(['least', 'best', 'most'], array_keys($json['steps'][0]['wait_min']));
        [$code, , $err] = self::artisan(['formula:method', '/nowhere.txt']);
        self::assertSame(2, $code);
        self::assertStringContainsString('cannot be opened', $err);
    }

    public function testReformulatePrintsRoutesBestFirst(): void
    {
        [$code, $out] = self::artisan(['formula:reformulate', 'core/data/demo/passion-fruit-curd-tartlet.txt', '--diet=vegan', '--kcal=300']);
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['brief', 'original', 'routes', 'blocked', 'proposals'], array_keys($json));
        self::assertGreaterThanOrEqual(3, count($json['routes']));
        foreach ($json['routes'] as $route) {
            self::assertSame(['name', 'fit', 'met', 'standing', 'hash', 'near', 'questions', 'debts', 'blocked_by', 'result', 'changes', 'to_buy', 'steps', 'method', 'watch'], array_keys($route));
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

    public function testAServiceIsPlannedAndCoveredWithoutAStore(): void
    {
        $pot = "Pots\nportions: 6\n\n300 g cream\n60 g sugar\n40 g lemon juice\n4 g gelatin\ntreat: cook 80 C\n";
        $service = ['serve_at' => '2026-12-05T19:30', 'kitchen' => ['cooks' => 1, 'hours' => [['08:00', '22:00']], 'ovens' => 0, 'rings' => 2, 'mixers' => [], 'fridge_shelves' => 2, 'freezer_shelves' => 0], 'items' => [['dish' => $pot, 'portions' => 12]]];
        [$code, $out] = self::artisan(['service:plan', '-'], json_encode($service, JSON_THROW_ON_ERROR));
        self::assertSame(0, $code);
        $plan = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertTrue($plan['feasible']);
        self::assertSame(['item', 'step', 'kind', 'start', 'end', 'hands_on_min', 'station', 'unit', 'cook', 'text', 'state', 'layer', 'endpoint', 'target_c'], array_keys($plan['steps'][0]));
        self::assertSame('2026-12-05T19:30:00', end($plan['steps'])['end']);
        // The JSON form of a formula is taken as well as its text.
        [$code, $out] = self::artisan(['service:cover', '-'], json_encode(['guests' => [['count' => 2, 'diets' => ['vegan']], ['count' => 5]], 'versions' => [$pot, ['title' => 'Ice', 'portions' => 4, 'layers' => [['name' => 'Ice', 'lines' => [['text' => '200 g water'], ['text' => '40 g sugar']]]]]]], JSON_THROW_ON_ERROR));
        self::assertSame(0, $code);
        self::assertSame([['version' => 1, 'portions' => 7, 'serves' => [0, 1]]], json_decode($out, true, 64, JSON_THROW_ON_ERROR)['chosen']);
        foreach ([['service:plan', ['serve_at' => 'soon'] + $service, 'serve_at'], ['service:plan', ['items' => [['dish' => $pot, 'portions' => '12']]] + $service, 'items[0].portions'], ['service:cover', ['guests' => []], 'versions']] as [$command, $bad, $place]) {
            [$code, $out, $err] = self::artisan([$command, '-'], json_encode($bad, JSON_THROW_ON_ERROR));
            self::assertSame(2, $code, $place);
            self::assertSame('', $out);
            self::assertStringStartsWith("$place:", $err);
            self::assertSame(1, substr_count($err, "\n"));
        }
        [$code, , $err] = self::artisan(['service:plan', '-'], 'not json');
        self::assertSame(2, $code);
        self::assertStringContainsString('no JSON', $err);
    }

    public function testATastingIsEvaluated(): void
    {
        [$code, $out] = self::artisan(['panel:evaluate', '--test=triangle', '--n=24', '--correct=13']);
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['test', 'n', 'correct', 'p0', 'sided', 'p_value', 'alpha', 'critical', 'significant', 'd_prime', 'p_d', 'power_here', 'power', 'pd', 'tasters_needed'], array_keys($json));
        self::assertSame([13, true, ['first' => 53, 'safe' => 57]], [$json['critical'], $json['significant'], $json['tasters_needed']]);
        // A pair is two-sided unless its direction was known.
        self::assertSame('two', json_decode(self::artisan(['panel:evaluate', '--test=paired', '--n=30', '--correct=20'])[1], true)['sided']);
        self::assertSame('one', json_decode(self::artisan(['panel:evaluate', '--test=paired', '--n=30', '--correct=20', '--one-sided'])[1], true)['sided']);
        foreach ([['--n=24', '--correct=13'], ['--test=square', '--n=24', '--correct=13'], ['--test=triangle', '--n=0', '--correct=0'], ['--test=triangle', '--n=6', '--correct=7'], ['--test=triangle', '--n=6', '--correct=2', '--power=1'], ['--test=triangle', '--n=6', '--correct=many']] as $bad) {
            [$code, , $err] = self::artisan(['panel:evaluate', ...$bad]);
            self::assertSame(2, $code, implode(' ', $bad));
            self::assertSame(1, substr_count(trim($err), "\n") + 1);
        }
    }

    public function testAFaultIsExplainedByItsOwnNumbers(): void
    {
        $formula = "Panna\nportions: 6\nlayer: Cream\ntreat: melt\n400 g whipping cream\n100 g milk\n60 g sugar\n6 g gelatin sheets\n80 g kiwi";
        [$code, $out] = self::artisan(['fault:find', '-', '--fault=did not set'], json_encode(['formula' => $formula, 'layer' => 'cream', 'run' => ['cold_h' => 14, 'core_c' => 4]], JSON_THROW_ON_ERROR));
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['fault', 'layer', 'stops', 'cautions', 'causes'], array_keys($json));
        self::assertSame(['fault', 'row', 'cause', 'chance', 'word', 'for', 'against', 'asks', 'now', 'next'], array_keys($json['causes'][0]));
        self::assertSame(['gelatin_no_set', 1, 'likely'], [$json['causes'][0]['fault'], $json['causes'][0]['row'], $json['causes'][0]['word']]);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($json['causes'], 'chance')), 1e-9);
        // A formula alone is answered too.
        self::assertSame(0, self::artisan(['fault:find', '-', '--fault=weeps'], $formula)[0]);
        foreach ([['--fault=exploded', $formula], ['--fault=', $formula], ['--fault=weeps', '{"formula": 3}'], ['--fault=weeps', json_encode(['formula' => $formula, 'layer' => 'Foam'], JSON_THROW_ON_ERROR)], ['--fault=weeps', json_encode(['formula' => $formula, 'run' => ['cold_h' => -1]], JSON_THROW_ON_ERROR)], ['--fault=weeps', '']] as [$fault, $input]) {
            [$code, , $err] = self::artisan(['fault:find', '-', $fault], $input);
            self::assertSame(2, $code, "$fault $input");
            self::assertSame(1, substr_count(trim($err), "\n") + 1);
        }
    }

    public function testAFormulaIsConvertedAndNothingElseIsPrinted(): void
    {
        [$code, $out, $err] = self::artisan(['formula:convert', 'core/data/demo/passion-fruit-curd-tartlet.txt', '--to=jsonld']);
        self::assertSame(0, $code);
        self::assertSame('Recipe', json_decode($out, true, 64, JSON_THROW_ON_ERROR)['@type']);
        self::assertStringContainsString('tins: ', $err);
        [$code, $back] = self::artisan(['formula:convert', '-', '--to=text'], $out);
        self::assertSame(0, $code);
        self::assertStringContainsString('passion-fruit juice', $back);
        foreach ([['--to=pdf'], ['--to=json', '--recipe=0'], []] as $bad) {
            self::assertSame(2, self::artisan(['formula:convert', '-', ...$bad], '100 g milk')[0]);
        }
    }

    public function testWhatIsNoTextIsRefused(): void
    {
        foreach ([str_repeat('a', 5_000_001), "PK\x03\x04 packed", "\x1f\x8b\x08 packed", '%PDF-1.7', "100 g milk\0", "\xff\xfe milk"] as $input) {
            [$code, , $err] = self::artisan(['formula:read', '-'], $input);
            self::assertSame(2, $code, bin2hex(substr($input, 0, 4)));
            self::assertSame(1, substr_count(trim($err), "\n") + 1);
        }
    }

    public function testAFormulaIsCosted(): void
    {
        [$code, $out] = self::artisan(['formula:cost', 'core/data/demo/passion-fruit-curd-tartlet.txt', '--labour=2400', '--currency=gbp']);
        self::assertSame(0, $code);
        $json = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(['currency', 'lines', 'labour_minor', 'energy_minor', 'packaging_minor', 'batch_minor', 'portion_minor', 'unpriced'], array_keys($json));
        self::assertSame('GBP', $json['currency']);
        self::assertSame(array_sum(array_column($json['lines'], 'minor')) + $json['labour_minor'] + $json['energy_minor'] + $json['packaging_minor'], $json['batch_minor']);
        self::assertSame(2, self::artisan(['formula:cost', '-', '--labour=much'], '100 g milk')[0]);
        self::assertSame(2, self::artisan(['formula:cost', '-', '--currency=euro'], '100 g milk')[0]);
    }

    public function testTrialsTeachFactorsWithoutAStore(): void
    {
        $made = "Glass\nportions: 4\nlayer: Jelly\ntreat: boil 2 min\n400 g whole milk\n60 g caster sugar\n%s g agar powder\n";
        [, $read] = self::artisan(['formula:read', '-'], \sprintf($made, '2.4'));
        $set = json_decode($read, true)['layers'][0]['set'];
        self::assertCount(7, $set['chances']);
        self::assertEqualsWithDelta(1.0, array_sum($set['chances']), 1e-9);
        $trials = array_map(static fn(int $n): array => ['formula' => \sprintf($made, '2.4'), 'layer' => 'Jelly', 'batch' => "b$n", 'found' => ['ge' => 0.7 * $set['ge'], 'sd' => 0.02]], range(1, 4));
        [$code, $out] = self::artisan(['trials:learn', '-'], json_encode(['trials' => $trials], JSON_THROW_ON_ERROR));
        self::assertSame(0, $code);
        $factor = json_decode($out, true, 64, JSON_THROW_ON_ERROR)['factors'][0];
        self::assertSame(['mechanism', 'factor', 'low', 'high', 'n', 'gain', 'proposed'], array_keys($factor));
        self::assertSame(['agar', 4, true], [$factor['mechanism'], $factor['n'], $factor['proposed']]);
        self::assertLessThan(1.0, $factor['high']);
        foreach ([['formula' => ''], ['layer' => 'Foam'], ['found' => ['step_index' => 9]], ['found' => []], ['found' => ['protocol' => 'P6', 'value' => 1]]] as $wrong) {
            [$code, , $err] = self::artisan(['trials:learn', '-'], json_encode(['trials' => [$trials[0], [...$trials[1], ...$wrong]]], JSON_THROW_ON_ERROR));
            self::assertSame(2, $code);
            self::assertStringContainsString('trials.1.', $err);
        }
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

    public function testALabelIsPrintedForAMarketAndNamesWhatIsOpen(): void
    {
        $text = "title: Strawberry pot\nportions: 4\n300 g strawberries\n700 g double cream\n40 g erythritol\n";
        [$code, $out] = self::artisan(['formula:label', '-', '--regime=eu'], $text);
        self::assertSame(0, $code);
        $label = (array) json_decode($out, true);
        self::assertSame('eu', $label['regime']);
        self::assertTrue($label['final']);
        self::assertSame(['with sweetener(s)'], $label['name_words']);
        self::assertStringContainsString('cream (**milk**)', $label['ingredients']['text']);
        [$code, $out] = self::artisan(['formula:label', '-', '--regime=us'], $text . "20 g blorps of moon\n");
        self::assertSame(0, $code);
        self::assertFalse(json_decode($out, true)['final']);
        [$code, , $err] = self::artisan(['formula:label', '-', '--regime=moon'], $text);
        self::assertSame(2, $code);
        self::assertStringContainsString('--regime', $err);
        [$code] = self::artisan(['formula:label', '-'], '');
        self::assertSame(2, $code);
    }
}
