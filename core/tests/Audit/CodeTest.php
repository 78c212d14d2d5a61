<?php

declare(strict_types=1);

namespace Transmuta\Tests\Audit;

use PHPUnit\Framework\TestCase;
use Transmuta\Diagnosis\Diagnosis;
use Transmuta\Diagnosis\FaultBook;
use Transmuta\Diagnosis\RunFacts;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/** Bugs that a reading of the code found in the core: one test an item, by its number there. */
final class CodeTest extends TestCase
{
    /**
     * @param array<string, mixed> $run
     *
     * @return array<string, mixed>
     */
    private static function found(string $text, string $fault, array $run = []): array
    {
        $dish = Kit::engine()->read(Kit::engine()->parse($text));

        return (new Diagnosis(FaultBook::standard(), Kit::engine()->reader))->of($dish, $fault, null, RunFacts::read($run));
    }

    /** A3: what the agar was to do, anew, is what is there: the rescue goes by the model, calibrated or not. */
    public function testA3ARescueGoesByTheModelAsItIs(): void
    {
        $agar = self::found("layer: A\ntreat: boil 2 min\n500 g milk\n2 g agar", 'did not set', ['t_max_c' => 96, 'boil_min' => 0.5, 'core_c' => 5, 'cold_h' => 12]);
        $grams = array_values(array_filter(array_column(array_merge(...array_column($agar['causes'], 'now')), 'grams')));
        self::assertNotSame([], $grams);
        self::assertEqualsWithDelta(2.0, $grams[0], 0.04);
        $gelatin = self::found("layer: A\ntreat: melt\n500 g milk\n5 g gelatin powder", 'did not set', ['t_max_c' => 45, 'core_c' => 5, 'cold_h' => 12]);
        $grams = array_values(array_filter(array_column(array_merge(...array_column($gelatin['causes'], 'now')), 'grams')));
        self::assertNotSame([], $grams);
        self::assertEqualsWithDelta(2.5, $grams[0], 0.08, 'half of what it was to do');
    }

    /** surface.md A6: a curd at 74 °C was not cooked; nobody is told to weigh four times its egg, nor to put in what it does not hold. */
    public function testSurfaceA6AnUnderCookedCurdIsFoundUnderCooked(): void
    {
        $curd = "Curd\nportions: 6\n\nlayer: Curd\ntreat: cook to 82 C stirred\n120 g lemon juice\n180 g egg\n200 g sugar\n184 g butter";
        $found = self::found($curd, 'did not set', ['t_max_c' => 74, 'core_c' => 5, 'cold_h' => 5]);
        self::assertSame('egg not cooked to its set', $found['causes'][0]['cause'], json_encode(array_column($found['causes'], 'cause'), JSON_THROW_ON_ERROR));
        $said = json_encode($found, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        self::assertStringNotContainsString('gelatin', $said);
        self::assertStringNotContainsString('agar', $said);
        foreach ($found['causes'] as $cause) {
            foreach ($cause['next'] as $next) {
                self::assertTrue(preg_match('/weigh ([\d.]+) g whole egg/', $next['text'], $m) !== 1 || (float) $m[1] <= 450.0, $next['text']);
            }
        }
        // Cooked as written, it is no longer what comes first.
        self::assertNotSame('egg not cooked to its set', self::found($curd, 'did not set', ['t_max_c' => 86, 'core_c' => 5, 'cold_h' => 5])['causes'][0]['cause']);
    }

    /** A1: a helper that is for some only goes to those; A2: a flavour that comes is never met in silence. */
    public function testA1A2NoRoseWaterInPears(): void
    {
        foreach (['pear', 'quince', 'peach'] as $fruit) {
            $answer = Kit::engine()->answer(Kit::engine()->parse("layer: A\ntreat: boil 5 min\n400 g $fruit\n60 g sugar\n200 g cream"), \Transmuta\Reformulation\Brief\Brief::of([\Transmuta\Diet\Diet::Keto]));
            foreach ($answer->routes as $route) {
                self::assertArrayNotHasKey('rose-water', $route->result->ingredients(), "$fruit: $route->name");
                $isStrange = isset($route->result->ingredients()['strawberry']);
                self::assertTrue(!$isStrange || ($route->standing === \Transmuta\Reformulation\Evaluation\RouteStanding::MetBut && str_contains(implode(' ', $route->settlement->words()), 'strawberr')), "$fruit: $route->name");
            }
        }
        $book = new \Transmuta\Reformulation\Substitution\Substitutes(Kit::shelf(), \Transmuta\Tests\Reformulation\Planning::permit(\Transmuta\Formula\Formula::of('x', [Kit::layer(['litchi' => 400, 'pear' => 100])]), [\Transmuta\Diet\Diet::Keto]), \Transmuta\Reformulation\Substitution\SubstitutionTable::standard());
        $helped = static fn(string $id): bool => array_filter($book->of(Kit::shelf()->get($id), ['keto'], 'filling'), static fn(\Transmuta\Reformulation\Substitution\Substitution $t): bool => \in_array('rose-water', array_map(static fn($h): string => $h->ingredient, $t->helpers), true)) !== [];
        self::assertTrue($helped('litchi'), 'for litchi it is meant');
        self::assertFalse($helped('pear'));
        // A vegan cream of vegetarian guests gets the alternative that may come in.
        $twin = \Transmuta\Reformulation\Substitution\Condition::read('fat>25');
        self::assertTrue($twin?->mayHoldFor(Kit::shelf()->get('cream-cheese')));
        self::assertFalse($twin->mayHoldFor(Kit::shelf()->get('cream-cheese-light')));
        self::assertNull(\Transmuta\Reformulation\Substitution\Condition::read('on Sundays'));
    }

    /** A4: the cheapest of what asks no more, though one asks nothing at all. */
    public function testA4CoversFindsTheOptimumItClaims(): void
    {
        $asks = "Quark pot\nportions: 4\n\nlayer: A\n400 g quark\n40 g sugar\n60 g white chocolate chips\n";
        $none = "Egg pot\nportions: 4\n\nlayer: A\ntreat: boil 2 min\n700 g pistachios\n400 g milk\n";
        $covers = \Transmuta\Format\CoverJson::write((new \Transmuta\Process\Covers\Covers(
            [new \Transmuta\Process\Covers\Guests(1, [\Transmuta\Diet\Diet::NutFree], []), new \Transmuta\Process\Covers\Guests(20, [], []), new \Transmuta\Process\Covers\Guests(1, [], ['milk'])],
            array_map(static fn(string $text) => Kit::engine()->read(Kit::engine()->parse($text)), [$asks, $none, "Fruit\nportions: 4\n\nlayer: A\n400 g mango\n"]),
        ))->cover());
        $by = array_column($covers['chosen'], 'portions', 'version');
        self::assertArrayNotHasKey(1, $by, 'nobody needs the dear one');
        self::assertSame(22, array_sum($by));
        self::assertArrayNotHasKey('at_most_dearer_minor', $covers);
    }

    /** A5: no 100 g hold 170 g, salt or no salt. */
    public function testA5NoCompositionHoldsMoreThanItself(): void
    {
        foreach ([['water' => 80.0, 'fat.oil' => 90.0, 'salt' => 0.1], ['water' => 80.0, 'fat.oil' => 90.0]] as $parts) {
            try {
                \Transmuta\Shelf\Composition::of($parts);
                self::fail('170 g in 100 g');
            } catch (\Transmuta\Shelf\ImpossibleComposition $impossible) {
                self::assertStringContainsString('170', $impossible->getMessage());
            }
        }
        self::assertEqualsWithDelta(102.9, \Transmuta\Shelf\Composition::of(['water' => 80.0, 'fat.oil' => 22.8, 'salt' => 0.1])->sum(), 1e-9);
    }

    /** A6, A7: what a pastry kitchen calls glucose powder is asked, a couverture of 64 % is no 70 %, and a stated 70 % is sure. */
    public function testA6A7NamesOfGlucoseAndGradesOfChocolate(): void
    {
        $of = static fn(string $line) => Kit::engine()->parse("layer: A\n$line")->layers[0]->lines[0];
        $powder = $of('50 g glucose powder');
        self::assertSame('dried-glucose-syrup', $powder->ingredient);
        self::assertNotSame(\Transmuta\Formula\Confidence::Sure, $powder->confidence);
        foreach (['inverted sugar' => 'invert-sugar', 'atomised glucose' => 'dried-glucose-syrup', 'glucose DE 60' => 'glucose-syrup-60', 'glucose DE 40' => 'glucose-syrup'] as $name => $id) {
            self::assertSame($id, $of("50 g $name")->ingredient, $name);
        }
        $couverture = $of('100 g 64 % couverture');
        self::assertNotSame(\Transmuta\Formula\Confidence::Sure, $couverture->confidence);
        self::assertStringContainsString('64', (string) $couverture->doubt);
        $seventy = $of('100 g 70% chocolate');
        self::assertSame(['chocolate-70', null, \Transmuta\Formula\Confidence::Sure], [$seventy->ingredient, $seventy->doubt, $seventy->confidence]);
    }

    /** A13: what a package imports is there: none is replaced, each is pinned, and extensions alone are of any version. */
    public function testA13NoPackageIsReplacedAndEachIsPinned(): void
    {
        $composer = json_decode((string) file_get_contents(\dirname(__DIR__, 3) . '/composer.json'), true, 32, \JSON_THROW_ON_ERROR);
        self::assertArrayNotHasKey('replace', $composer);
        $loose = array_filter([...$composer['require'], ...$composer['require-dev']], static fn(string $version, string $name): bool => $name !== 'php' && !str_starts_with($name, 'ext-') && preg_match('/^\d+\.\d+\.\d+$/', $version) !== 1, \ARRAY_FILTER_USE_BOTH);
        self::assertSame([], $loose);
        $node = json_decode((string) file_get_contents(\dirname(__DIR__, 3) . '/package.json'), true, 32, \JSON_THROW_ON_ERROR);
        self::assertSame([], array_filter([...$node['dependencies'] ?? [], ...$node['devDependencies'] ?? []], static fn(string $version): bool => preg_match('/^(?:npm:[\w@\/-]+@)?\d+\.\d+\.\d+(?:-[\w.]+)?$/', $version) !== 1));
        // The Markdown of the framework, which fell over the package that was not there.
        self::assertTrue(interface_exists(\League\Config\ConfigurationInterface::class));
    }

    /** A14: what is refused is what was typed. */
    public function testA14TheErrorNamesWhatWasTyped(): void
    {
        $this->expectException(\Transmuta\Fault\Nonsense::class);
        $this->expectExceptionMessageMatches('/layer "Big".*scale/');
        Kit::engine()->answer(Kit::engine()->parse("layer: Big\n100 kg butter"), \Transmuta\Reformulation\Brief\Brief::of([\Transmuta\Diet\Diet::Vegan]));
    }

    /** A16: a layer called Bath is not in a bath. */
    public function testA16ABathIsAToolAndNoWord(): void
    {
        $heat = static function (string $name): array {
            $dish = Kit::engine()->read(Kit::engine()->parse("x\nportions: 6\n\nlayer: $name\ntreat: bake 180 C 20 min\ntin: round 200 x 60 mm\n200 g plain flour\n100 g butter\n100 g sugar\n100 g egg"));

            return array_map(static fn(\Transmuta\Process\Run\StepHeat $h): array => $h->expected, array_values(array_filter((new \Transmuta\Process\Run\AtHeat(\Transmuta\Process\Making\Making::standard(), \Transmuta\Reference\Reference::standard()))->of($dish), static fn(\Transmuta\Process\Run\StepHeat $h): bool => $h->where === 'oven')));
        };
        self::assertSame($heat('Cake'), $heat('Bath bun'));
        self::assertNotSame([], $heat('Cake'));
    }

    /** A18: two routes of one name are told apart by what a cook sees, never as a "second weighing". */
    public function testA18NoRouteIsASecondWeighing(): void
    {
        foreach (Kit::demos() as [$name]) {
            foreach ([\Transmuta\Diet\Diet::GlutenFree, \Transmuta\Diet\Diet::Vegan] as $diet) {
                foreach (Kit::engine()->reformulate(Kit::demo($name), \Transmuta\Reformulation\Brief\Brief::of([$diet])) as $route) {
                    self::assertStringNotContainsString('weighing', $route->name);
                }
            }
        }
    }

    /** A20: whatever of the gels a cure or a payment adds goes in boiled, not agar powder alone. */
    public function testA20EveryGelThatIsAddedGoesInBoiled(): void
    {
        $cold = Kit::reading(['milk' => 400, 'sugar' => 60]);
        $gels = array_filter(Kit::shelf()->all(), static fn(\Transmuta\Shelf\Ingredient $in): bool => $in->class === 'gel-agent');
        self::assertGreaterThan(8, \count($gels));
        foreach ($gels as $in) {
            self::assertContains('boiled', \Transmuta\Reformulation\Substitution\Heating::prep($in, null, $cold), $in->id);
        }
    }

    /** A cure that speaks of an agent belongs to a cause that asks for one. */
    public function testNoCureSpeaksOfAnAgentItsLayerHasNot(): void
    {
        foreach (Table::rows(__DIR__ . '/../../data/faults/causes.csv') as $row) {
            foreach (['gelatin' => '/in_gelatin|in_boiledagent|in_anyagent/', 'agar' => '/in_agar|in_boiledagent/', 'starch' => '/starch/', 'pectin' => '/pectin/', 'xanthan' => '/xanthan|gum/'] as $agent => $needs) {
                if (preg_match("/more $agent|% $agent/", $row['now']) === 1) {
                    self::assertMatchesRegularExpression($needs, $row['needs'], "{$row['fault']} {$row['row']}: {$row['now']}");
                }
            }
        }
    }
}
