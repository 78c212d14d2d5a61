<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Confidence;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Tests\Kit;

final class LineReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, float, string}> text, ingredient, g, measures */
    public static function lines(): iterable
    {
        $cases = [
            ['120 g lemon juice', 'lemon-juice', 120.0],
            ['120g lemon juice', 'lemon-juice', 120.0],
            ['1.5 kg caster sugar', 'sugar', 1500.0],
            ['1,5 kg sugar', 'sugar', 1500.0],
            ['1,500 g sugar', 'sugar', 1500.0],
            ['½ cup lemon juice', 'lemon-juice', 121.84],
            ['1/2 cup lemon juice', 'lemon-juice', 121.84],
            ['1 1/2 cups whole milk', 'milk', 365.53],
            ['1½ cups whole milk', 'milk', 365.53],
            ['one and a half cups milk', 'milk', 365.53],
            ['half a cup of milk', 'milk', 121.84],
            ['2 sticks (1 cup) butter, softened', 'butter', 226.8],
            ['1 stick unsalted butter', 'butter', 113.4],
            ['8 oz cream cheese, full fat', 'cream-cheese', 226.8],
            ['1 lb strawberries', 'strawberry', 453.59],
            ['juice of 1½ lemons', 'lemon-juice', 65.7],
            ['juice of 2 lemons', 'lemon-juice', 87.6],
            ['2 lemons, juice only', 'lemon-juice', 87.6],
            ['zest of one orange', 'orange-zest', 10.0],
            ['one 14-oz can sweetened condensed milk', 'condensed-milk', 396.89],
            ['1 (14 oz) can condensed milk', 'condensed-milk', 396.89],
            ['1 can condensed milk', 'condensed-milk', 397.0],
            ['1 x 400ml tin coconut milk', 'coconut-milk', 400.0],
            ['1 tin coconut milk', 'coconut-milk', 400.0],
            ['4 large egg yolks', 'egg-yolk', 68.0],
            ['4–5 egg yolks', 'egg-yolk', 76.5],
            ['yolks of 3 eggs', 'egg-yolk', 51.0],
            ['3 large egg whites', 'egg-white', 99.0],
            ['2 large eggs', 'egg', 100.0],
            ['2 extra-large eggs', 'egg', 112.0],
            ['a dozen large eggs', 'egg', 600.0],
            ['half a dozen large eggs', 'egg', 300.0],
            ['¼ tsp. fine salt', 'salt', 1.48],
            ['a pinch of salt', 'salt', 0.35],
            ['knob of butter', 'butter', 15.0],
            ['200 g/7 oz dark chocolate (55%)', 'chocolate-55', 200.0],
            ['100 g dark chocolate 70%', 'chocolate-70', 100.0],
            ['3 leaves gelatine (gold)', 'gelatin-leaf-gold', 6.0],
            ['2 sheets leaf gelatin', 'gelatin-leaf-gold', 4.0],
            ['2 scoops whey protein', 'whey-isolate', 60.0],
            ['10 drops stevia', 'stevia-drops', 0.5],
            ['Butter 115 g', 'butter', 115.0],
            ['Sugar: 200 g', 'sugar', 200.0],
            ['1 cup + 2 tbsp sugar', 'sugar', 224.91],
            ['- 50 g icing sugar', 'icing-sugar', 50.0],
            ['2 sheets puff pastry', 'puff-pastry-raw', 490.0],
            ['1 cup sifted plain flour', 'plain-flour', 108.83],
            ['１２０ g sugar', 'sugar', 120.0],
        ];
        foreach ($cases as $case) {
            yield $case[0] => [...$case, 'us'];
        }
        yield 'metric cup' => ['1 cup milk', 'milk', 257.5, 'metric'];
        yield 'Australian tablespoon' => ['1 tbsp milk', 'milk', 20.6, 'au'];
        yield 'Australian can' => ['1 can condensed milk', 'condensed-milk', 395.0, 'au'];
        yield 'imperial pint' => ['1 pint milk', 'milk', 585.31, 'uk'];
        yield 'EU large egg' => ['1 large egg', 'egg', 60.0, 'uk'];
        yield 'EU medium egg' => ['2 medium eggs', 'egg', 102.0, 'metric'];
    }

    #[DataProvider('lines')]
    public function testLineBecomesGrams(string $text, string $ingredient, float $grams, string $measures): void
    {
        $line = Kit::engine()->lines->read($text, UnitSystem::from($measures));
        self::assertSame($ingredient, $line->ingredient, (string) $line->reason);
        self::assertEqualsWithDelta($grams, $line->grams, 0.011 * $grams + 0.01);
        self::assertNotSame('', $line->trace);
        self::assertSame($text, $line->text);
    }

    public function testTheTraceTellsEveryConversion(): void
    {
        $line = Kit::engine()->lines->read('½ cup lemon juice', UnitSystem::Us);
        self::assertSame('0.5 cup → 118.3 mL × 1.03 g/mL = 121.8 g', $line->trace);
    }

    /** @return array<string, array{string, string}> */
    public static function refusals(): array
    {
        return [
            'negative mass' => ['-5 g sugar', 'negative'],
            'absurd mass' => ['1000000 kg sugar', 'between 0 and 100000 g'],
            'unknown unit' => ['5 blorps of sugar', 'unit "blorps"'],
            'unknown ingredient' => ['10 g unobtainium', 'No ingredient on the shelf'],
            'another script' => ['200 г сахара', 'in English'],
            'no amount' => ['salt', 'No amount'],
            'nothing readable' => ['lorem ipsum dolor', 'Neither an amount nor a known ingredient'],
            'unknown piece' => ['3 vanilla pastes', 'does not know what one piece'],
            'an endless line' => [str_repeat('sugar ', 200), 'longer than 400'],
        ];
    }

    #[DataProvider('refusals')]
    public function testWhatIsNotUnderstoodStaysAndSaysWhy(string $text, string $reason): void
    {
        $line = Kit::engine()->lines->read($text, UnitSystem::Metric, 7);
        self::assertNull($line->ingredient);
        self::assertStringContainsString($reason, (string) $line->reason);
        self::assertSame($text, $line->text);
        self::assertSame(7, $line->number);
    }

    public function testATypoIsAGuessAndIsShownAsOne(): void
    {
        $line = Kit::engine()->lines->read('2 tbsp cornflower', UnitSystem::Metric);
        self::assertSame('cornflour', $line->ingredient);
        self::assertNotSame(Confidence::Sure, $line->confidence);
    }

    public function testSuggestionsComeWithANearMiss(): void
    {
        $line = Kit::engine()->lines->read('30 g passion nectar', UnitSystem::Metric);
        self::assertNull($line->ingredient);
        self::assertNotEmpty($line->suggestions);
    }

    public function testARangeIsItsMiddleAndNeverSure(): void
    {
        $line = Kit::engine()->lines->read('2 to 3 tbsp sugar', UnitSystem::Metric);
        self::assertEqualsWithDelta(2.5 * 15 * 0.845, $line->grams, 0.1);
        self::assertSame(Confidence::Likely, $line->confidence);
        self::assertStringContainsString('middle of the range', $line->trace);
    }

    public function testSubStepsAreReadFromTheLine(): void
    {
        self::assertSame(['boiled'], Kit::engine()->lines->read('4 g agar, boiled', UnitSystem::Metric)->prep);
        self::assertSame(['melted'], Kit::engine()->lines->read('60 g butter, melted', UnitSystem::Metric)->prep);
    }
}
