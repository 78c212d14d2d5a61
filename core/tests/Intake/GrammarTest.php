<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Confidence;
use Transmuta\Formula\Line;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Tests\Kit;

/** What a line may hold, and what may never be dropped from it. */
final class GrammarTest extends TestCase
{
    /** @return list<Line> */
    private static function lines(string $text, UnitSystem $system = UnitSystem::Us): array
    {
        return Kit::engine()->lines->lines($text, $system);
    }

    /** @return iterable<string, array{string, array<string, float>}> a line, and grams by ingredient */
    public static function several(): iterable
    {
        $cases = [
            '3 large egg yolks plus 1 whole egg' => ['egg-yolk' => 51.0, 'egg' => 50.0],
            '3 + 1 yolk' => ['egg' => 150.0, 'egg-yolk' => 17.0],
            '4 whole eggs and 2 yolks, at room temperature' => ['egg' => 200.0, 'egg-yolk' => 34.0],
            '6 eggs, separated' => ['egg-yolk' => 102.0, 'egg-white' => 198.0],
            '1 cup sugar + 1 egg' => ['sugar' => 199.9, 'egg' => 50.0],
            '2 tablespoons water + 1 tablespoon powdered gelatin' => ['water' => 29.5, 'gelatin-powder' => 9.3],
            '1 tbsp gelatin powder dissolved in 3 tbsp water' => ['gelatin-powder' => 9.3, 'water' => 44.3],
            '½ tsp each of ground cinnamon and nutmeg' => ['cinnamon' => 1.3, 'nutmeg' => 1.2],
            '50 g each butter, caster sugar and honey' => ['butter' => 50.0, 'sugar' => 50.0, 'honey' => 50.0],
            '2 tbsp each lemon and lime juice' => ['lemon-juice' => 30.5, 'lime-juice' => 30.5],
            'zest and juice of 1 lemon' => ['lemon-juice' => 43.8, 'lemon-zest' => 6.0],
            '2 limes, zest and juice' => ['lime-juice' => 56.6, 'lime-zest' => 6.0],
            'finely grated zest of 1 and juice of 2 lemons' => ['lemon-zest' => 6.0, 'lemon-juice' => 87.6],
            'zest of 1 lemon plus 2 tablespoons juice' => ['lemon-zest' => 6.0, 'lemon-juice' => 30.5],
            'finely grated zest of 2 unwaxed limes, plus juice of 3' => ['lime-zest' => 6.0, 'lime-juice' => 84.9],
            'zest of 1 lemon, plus juice of half' => ['lemon-zest' => 6.0, 'lemon-juice' => 21.9],
            'juice of half a lemon and zest of a whole one' => ['lemon-juice' => 21.9, 'lemon-zest' => 6.0],
            '3 large eggs, whites and yolks separated' => ['egg-yolk' => 51.0, 'egg-white' => 99.0],
            '4 eggs, yolks separated from whites' => ['egg-yolk' => 68.0, 'egg-white' => 132.0],
            '100 g digestives (gluten-free if needed)' => ['wholemeal-biscuit' => 100.0],
            '90 g oats, certified gluten-free if you need it' => ['oats' => 90.0],
            '200 g sugar, or honey if you like' => ['sugar' => 200.0],
            '7 g gelatine powder (250 bloom)' => ['gelatin-powder-250' => 7.0],
            '10 g 220-bloom gelatine, soaked in 50 g water' => ['gelatin-powder' => 10.0, 'water' => 50.0],
            '8 g gelatin powder, 180 bloom' => ['gelatin-powder' => 8.0],
            '4 leaves gelatine 230 bloom' => ['gelatin-leaf-platinum' => 6.8],
            '2 flax eggs' => ['flax' => 13.5, 'water' => 89.8],
            '5 egg yolks (reserve whites for meringue)' => ['egg-yolk' => 85.0],
            '5 egg yolks, whites saved for another use' => ['egg-yolk' => 85.0],
            '1 tin milk powder 200g' => ['milk-powder' => 200.0],
            '200 ml oat milk (barista style)' => ['oat-milk-barista' => 206.0],
            '1/2 cup plain nonfat yogurt' => ['yogurt-fat-free' => 120.7],
            '200 g raspberry purée (10 % sugar)' => ['raspberry-puree' => 200.0],
            '85 g plain flour, plus 1 tbsp' => ['plain-flour' => 92.9],
            '2 katori besan' => ['gram-flour' => 120.0],
            '30 g icing sugar, plus extra for dusting' => ['icing-sugar' => 40.0],
            '60 g butter, plus extra for greasing' => ['butter' => 65.0],
        ];
        foreach ($cases as $line => $held) {
            yield $line => [$line, $held];
        }
    }

    #[TestWith(['400 g coconut milk, solids only'])]
    #[TestWith(['200 g blackcurrant purée (10 % sugar)'])]
    #[TestWith(['400 ml coconut milk, chilled, cream scooped off'])]
    #[TestWith(['500 ml whole milk (boiled and reduced to half)'])]
    public function testAPartOrALossWithoutItsMassIsAsked(string $text): void
    {
        self::assertSame(Confidence::Guess, self::lines($text)[0]->confidence);
        self::assertNotNull(self::lines($text)[0]->doubt);
    }

    /** @param array<string, float> $held */
    #[DataProvider('several')]
    public function testALineGivesEverythingItHolds(string $text, array $held): void
    {
        $found = [];
        foreach (self::lines($text) as $line) {
            self::assertSame($text, $line->text);
            $found[(string) $line->ingredient] = ($found[(string) $line->ingredient] ?? 0.0) + $line->grams;
        }
        self::assertSame(array_keys($held), array_keys($found));
        foreach ($held as $id => $grams) {
            self::assertEqualsWithDelta($grams, $found[$id], 0.02 * $grams + 0.05, $id);
        }
    }

    public function testWhatIsExtraIsALineOfItsOwnAndAnEstimate(): void
    {
        [$stated, $extra] = self::lines('30 g icing sugar, plus extra for dusting');
        self::assertSame(Confidence::Sure, $stated->confidence);
        self::assertSame(Confidence::Likely, $extra->confidence);
        self::assertStringContainsString('an estimate', $extra->trace);
    }

    /** @return iterable<string, array{string, string, float}> */
    public static function amounts(): iterable
    {
        $cases = [
            ['½ tin (400 g) coconut milk', 'coconut-milk', 200.0],
            ['2 tins (400 g each) coconut milk', 'coconut-milk', 800.0],
            ['1 mango (approx 430 g), peeled', 'mango', 296.7],
            ['12 graham crackers (about 190 g), crushed', 'graham-cracker', 190.0],
            ['1 (.25 oz) envelope unflavored gelatin', 'gelatin-powder', 7.09],
            ['1 (1/4 ounce) package unflavored gelatin', 'gelatin-powder', 7.09],
            ['1 lb 4 oz cream cheese', 'cream-cheese', 566.99],
            ['1 stick (½ cup; 113 g) unsalted butter', 'butter', 113.0],
            ['2 (8-ounce) bricks cream cheese', 'cream-cheese', 453.6],
            ['1 sleeve graham crackers', 'graham-cracker', 135.0],
            ['a heaped tablespoon of cornflour', 'cornflour', 11.98],
            ['1 scant cup sugar', 'sugar', 179.9],
            ['¾ cup + 2 Tbsp (210 ml) water', 'water', 209.6],
            ['1 cup sugar plus 2 tbsp', 'sugar', 224.9],
            ['Egg yolks x 4', 'egg-yolk', 68.0],
            ['Eggs – 3 large', 'egg', 150.0],
            ['Sugar....150g', 'sugar', 150.0],
            ['juice 1 lemon', 'lemon-juice', 43.8],
            ['1-inch piece fresh ginger, grated', 'ginger-fresh', 12.7],
            ['liquid from 1 can of chickpeas', 'aquafaba-thin', 120.0],
            ['6 medjool dates', 'date', 120.0],
            ['12 dates', 'date', 96.0],
            ['10 mini marshmallows', 'marshmallow', 6.0],
        ];
        foreach ($cases as $case) {
            yield $case[0] => $case;
        }
    }

    #[DataProvider('amounts')]
    public function testTheAmountThatCountsIsTaken(string $text, string $id, float $grams): void
    {
        $line = self::lines($text)[0];
        self::assertSame($id, $line->ingredient, (string) $line->reason);
        self::assertEqualsWithDelta($grams, $line->grams, 0.02 * $grams + 0.05, $line->trace);
    }

    public function testUnitsAndNamesAreThoseOfTheCountry(): void
    {
        foreach ([
            ['1 sachet gelatine', 'uk', 'gelatin-powder', 12.0], ['1 sachet gelatine', 'us', 'gelatin-powder', 7.0],
            ['200 g cream cheese', 'uk', 'soft-cheese-22', 200.0], ['200 g cream cheese', 'us', 'cream-cheese', 200.0],
            ['300 ml pouring cream', 'au', 'cream-36', 297.0], ['300 ml pouring cream', 'uk', 'single-cream', 303.0],
            ['200 ml fresh cream', 'in', 'cream-25', 204.0], ['200 ml fresh cream', 'metric', 'cream-36', 198.0],
            ['1 cup milk', 'ca', 'milk', 257.5], ['1 cup toned milk', 'in', 'milk-3', 244.8],
            ['100 g shredded coconut', 'us', 'coconut-shredded-sweet', 100.0], ['100 g shredded coconut', 'uk', 'coconut-dried', 100.0],
        ] as [$text, $country, $id, $grams]) {
            $line = self::lines($text, UnitSystem::from($country))[0];
            self::assertSame($id, $line->ingredient, "$text ($country)");
            self::assertEqualsWithDelta($grams, $line->grams, 0.02 * $grams, "$text ($country)");
        }
    }

    /** Adding what is done to a thing changes nothing of what it is. */
    public function testWordsOfHandlingChangeNothing(): void
    {
        foreach (['100 g butter', '200 g raspberries', '150 g dark chocolate', '250 g mascarpone', '60 g hazelnuts', '120 g dates', '300 ml double cream', '40 g cornflour', '100 g plain biscuits', '80 g almonds'] as $text) {
            $plain = self::lines($text, UnitSystem::Uk)[0];
            foreach (['%s, chopped', '%s, at room temperature', '%s (see note)', 'about %s', '%s, divided', '%s, plus nothing else', '**%s**', '• %s', '%s for the filling'] as $way) {
                if (str_contains($way, 'nothing else')) {
                    continue;
                }
                $said = self::lines(\sprintf($way, $text), UnitSystem::Uk)[0];
                self::assertSame($plain->ingredient, $said->ingredient, \sprintf($way, $text));
                self::assertEqualsWithDelta($plain->grams, $said->grams, 0.01, \sprintf($way, $text));
                self::assertSame($plain->confidence, $said->confidence, \sprintf($way, $text));
            }
        }
    }

    /** A word that says which thing it is changes the match, holds of what is found, or keeps it from being sure. */
    public function testAnIdentityWordIsNeverDropped(): void
    {
        $shelf = Kit::shelf();
        $words = ['powder' => 'powder', 'fat-free' => 'skimmed', 'dried' => 'dried', 'vegan' => 'vegan', 'gluten-free' => 'gluten-free', 'sugar-free' => 'sugar-free', 'dairy-free' => 'dairy-free', 'salted' => 'salted', 'condensed' => 'condensed', 'sweetened' => 'sweetened', 'unsweetened' => 'unsweetened', 'low-fat' => 'low-fat', 'lactose-free' => 'lactose-free', 'freeze-dried' => 'freeze-dried', 'egg-free' => 'egg-free'];
        $wrong = [];
        $asked = 0;
        foreach ($shelf->all() as $in) {
            $name = $in->called()[0];
            foreach ($words as $word => $attribute) {
                ++$asked;
                $line = self::lines($word === 'powder' ? "100 g $name powder" : "100 g $word $name", UnitSystem::Metric)[0];
                if ($line->ingredient !== null && $line->confidence === Confidence::Sure) {
                    $found = $shelf->get($line->ingredient);
                    if (!\Transmuta\Intake\Attributes::holds($attribute, $found) && !str_contains(mb_strtolower(implode(' ', [$found->name, ...$found->called()])), explode('-', $word)[0])) {
                        $wrong[] = "$word $name: $found->name";
                    }
                }
            }
        }
        self::assertGreaterThan(9000, $asked);
        self::assertSame([], $wrong);
    }

    public function testEveryNameOnTheShelfIsReadAsItself(): void
    {
        $wrong = [];
        foreach (Kit::shelf()->all() as $in) {
            foreach ($in->names as $written) {
                [$name, $country] = [...explode('@', ltrim($written, '~')), 'metric'];
                $line = self::lines("100 g $name", UnitSystem::from($country))[0];
                if ($line->ingredient !== $in->id || $line->confidence === Confidence::Guess) {
                    $wrong[] = "$written: " . ($line->ingredient ?? (string) $line->reason) . ' for ' . $in->id;
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function testWhatACookHasSaidItIsCountsUnderTheWordsItWasWrittenIn(): void
    {
        $line = self::lines('2 cups goat milk powder → milk powder')[0];
        self::assertSame(['milk-powder', Confidence::Sure, '2 cups goat milk powder → milk powder'], [$line->ingredient, $line->confidence, $line->text]);
        self::assertEqualsWithDelta(236.6, $line->grams, 0.1);
        $line = self::lines('1 lemon → 45 g lemon juice')[0];
        self::assertSame(['lemon-juice', 45.0], [$line->ingredient, $line->grams]);
    }

    public function testAGuessSaysWhatItDoesNotAccountFor(): void
    {
        $line = self::lines('100 g moonlit sugar')[0];
        self::assertTrue($line->isProvisional());
        self::assertStringContainsString('moonlit', (string) $line->doubt);
        self::assertSame(['What is “100 g moonlit sugar”? It is read as a guess.'], Kit::engine()->parse('100 g moonlit sugar')->questions());
    }

    public function testALeafWithoutAGradeIsTheStudiosOwn(): void
    {
        foreach (['gold' => ['gelatin-leaf-gold', 8.0], 'titanium' => ['gelatin-leaf-titanium', 20.0], 'platinum' => ['gelatin-leaf-platinum', 6.8]] as $leaf => [$id, $grams]) {
            $lines = \Transmuta\Engine::over(Kit::shelf(), schools: \Transmuta\Reformulation\Brief\Schools::of(['leaf' => $leaf]))->lines;
            $line = $lines->read('4 gelatine leaves', UnitSystem::Uk);
            self::assertSame([$id, $grams, Confidence::Likely], [$line->ingredient, $line->grams, $line->confidence]);
            self::assertSame('gelatin-leaf-silver', $lines->read('4 silver gelatine leaves', UnitSystem::Uk)->ingredient);
            self::assertSame('gelatin-leaf-gold', $lines->read('4 gold gelatine leaves', UnitSystem::Uk)->ingredient);
        }
    }

    public function testFourHundredLinesOfNonsenseAreRefusedOneByOne(): void
    {
        mt_srand(7);
        $word = static fn(): string => implode('', array_map(static fn(): string => \chr(97 + mt_rand(0, 25)), range(1, mt_rand(3, 11))));
        $lines = array_map(static fn(): string => mt_rand(1, 400) . ' g ' . implode(' ', array_map($word, range(1, mt_rand(1, 6)))), range(1, 400));
        // How long it takes is told by bin/bench; here nothing may be made of them that nobody wrote.
        $taken = array_filter($lines, static fn(string $line): bool => array_filter(self::lines($line), static fn($read): bool => $read->ingredient !== null && $read->confidence->value === 'sure') !== []);
        self::assertSame([], $taken);
    }
}
