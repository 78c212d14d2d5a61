<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Method\Editing\Agents;
use Transmuta\Method\Editing\EditedStep;
use Transmuta\Method\Editing\MethodEdit;
use Transmuta\Method\Part;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Tests\Kit;

/** The maker's method after a swap: what nothing touches to the letter, what left gone, what came named and done. */
final class MethodEditTest extends TestCase
{
    /**
     * @param array<string, list<string>> $swap ids that come in by the id that leaves
     *
     * @return list<EditedStep>
     */
    private static function swapped(string $lines, string $method, array $swap, string $more = ''): array
    {
        $was = Kit::engine()->read(Kit::engine()->parse("Dish\nportions: 4\n$lines\nmethod:\n$method"))->formula;
        $kept = [];
        foreach ($was->layers[0]->understood() as $line) {
            foreach ($swap[$line->ingredient] ?? [(string) $line->ingredient] as $id) {
                $kept[] = Line::of($id, $line->grams);
            }
        }
        foreach ($more === '' ? [] : explode(' ', $more) as $id) {
            $kept[] = Line::of($id, 1.0);
        }
        $now = $was->with([$was->layers[0]->with($kept)]);

        return MethodEdit::of($was, (new MethodReader())->by(Kit::shelf(), $was), $now, [$swap], Kit::shelf());
    }

    /**
     * @param list<EditedStep> $steps
     *
     * @return list<array{string, string}>
     */
    private static function told(array $steps): array
    {
        return array_map(static fn(EditedStep $one): array => [$one->changed, $one->changed === 'gone' ? $one->was : $one->step->text], $steps);
    }

    /** What was whisked with the yolks is put in alone, and no words of a list are left to speak of what is gone. */
    public function testWhatIsLeftAloneIsPutIn(): void
    {
        $told = self::told(self::swapped("300 ml milk\n4 egg yolks\n60 g sugar", "Whisk the yolks with the sugar.\nAdd the milk and cook to 82 C.", ['egg-yolk' => [], 'milk' => ['rice-milk']]));
        self::assertSame(['edited', 'Put the sugar in the bowl or pan.'], $told[0]);
        $told = self::told(self::swapped("300 ml milk\n4 egg yolks\n60 g sugar\n1 g salt", 'Whisk yolks/sugar/salt, pour half the hot milk over.', ['egg-yolk' => [], 'milk' => ['oat-milk']]));
        self::assertStringNotContainsString('yolk', $told[0][1]);
        self::assertStringContainsString('sugar/salt', $told[0][1]);
    }

    public function testGelatinGoesWithItsStepsAndAgarBringsItsOwn(): void
    {
        $told = self::told(self::swapped(
            "400 ml milk\n200 ml double cream\n70 g sugar\n3 leaves gelatine",
            "Soak the gelatine in cold water.\nHeat the milk, cream and sugar to a simmer.\nSqueeze out the gelatine and stir it in until dissolved. Strain into a jug.\nPour into 4 moulds and chill for at least 6 hours.",
            ['gelatin-leaf-gold' => ['agar']],
        ));
        self::assertSame(['gone', 'Soak the gelatine in cold water.'], $told[0]);
        self::assertSame('edited', $told[1][0]);
        self::assertSame('Whisk the agar powder into the whole milk and the double cream, cold. Heat the milk, cream and sugar to a simmer. Keep it at the boil 2 minutes, stirring.', $told[1][1]);
        self::assertSame(['edited', 'Strain into a jug.'], $told[2]);
        self::assertSame(['same', 'Pour into 4 moulds and chill for at least 6 hours.'], $told[3]);
    }

    public function testWhatStandsInIsCalledByItsNameWhereItStood(): void
    {
        $told = self::told(self::swapped("200 g digestive biscuits\n90 g butter", "1. Crush the biscuits and mix with the melted butter.\n2. Press into a tin.", ['butter' => ['plant-butter-block']]));
        self::assertSame(['edited', '1. Crush the biscuits and mix with the melted plant butter.'], $told[0]);
        self::assertSame('same', $told[1][0]);
    }

    public function testWhatNothingStandsInForLeavesItsList(): void
    {
        $told = self::told(self::swapped("500 g cream\n80 g sugar\n1 g salt", 'Warm the cream, sugar and salt. Chill.', ['salt' => []]));
        self::assertSame([['edited', 'Warm the cream, sugar. Chill.']], $told);
        $told = self::told(self::swapped("500 g cream\n80 g sugar\n1 g salt", 'Warm the cream with the sugar and the salt.', ['sugar' => []]));
        self::assertSame([['edited', 'Warm the cream and the salt.']], $told);
    }

    public function testWhatOnlyAnEggCanBeIsToldAnew(): void
    {
        $told = self::told(self::swapped("500 g cream cheese\n3 eggs\n100 g sugar", 'Beat the cream cheese with the sugar until smooth, then add the eggs one at a time. Bake at 150 °C for 40 minutes.', ['egg' => ['milk']]));
        self::assertSame([['edited', 'Beat the cream cheese with the sugar until smooth, then add the whole milk. Bake at 150 °C for 40 minutes.']], $told);
    }

    public function testWhatComesInBesideIsMixedIn(): void
    {
        $told = self::told(self::swapped("500 g cream\n80 g sugar", "Warm the cream with the sugar.\nPour into glasses and chill.", [], 'xanthan water'));
        self::assertSame('edited', $told[0][0]);
        self::assertSame('Warm the cream and water with the sugar and xanthan gum.', $told[0][1]);
        $told = self::told(self::swapped("500 g cream\n80 g sugar", "Warm the cream with the sugar.\nPour into glasses and chill.", [], 'yogurt'));
        self::assertStringContainsString('Mix in the', $told[1][1]);
    }

    public function testAGelThatGripsHotIsNotBrokenByAFoldInTheCold(): void
    {
        $told = self::told(self::swapped(
            "400 ml milk\n200 ml double cream\n70 g sugar\n3 leaves gelatine",
            "Soak the gelatine.\nHeat the milk and sugar to a simmer. Squeeze out the gelatine and stir it in.\nLeave to cool to 25 °C.\nWhip the cream and fold it in. Chill for 6 hours.",
            ['gelatin-leaf-gold' => ['agar']],
        ));
        self::assertSame('Chill it until set, then blend it smooth. It stays soft from here on, and turns out of no mould. Whip the cream and fold it in. Chill for 6 hours.', $told[3][1]);
    }

    /** What comes in is boiled in what is heated anyway, never in what is whipped or sour; enough of it, and no more. */
    public function testThePotIsWhatBearsTheAgent(): void
    {
        $pot = static fn(string $lines, string $method, array $swap): string => implode(' ', array_map(static fn(array $one): string => $one[1], self::told(self::swapped($lines, $method, $swap))));
        $text = $pot("300 ml milk\n200 ml double cream\n100 g yogurt\n3 leaves gelatine", "Soak the gelatine.\nWarm the milk, stir in the gelatine.\nStir in the yogurt. Whip the cream and fold it in.", ['gelatin-leaf-gold' => ['agar']]);
        self::assertStringContainsString('Whisk the agar powder into the whole milk, cold. Warm the milk. Bring to the boil and boil 2 minutes, stirring. Warm the yogurt to 35 °C first. Stir in the yogurt.', $text);
        // Nothing is heated otherwise: only as much as it takes, and joined where the gelatin was.
        $text = $pot("1500 ml milk\n3 leaves gelatine\n20 g sugar", "Soak the gelatine.\nWhisk the milk with the sugar.\nStir in the gelatine and pour into glasses.", ['gelatin-leaf-gold' => ['agar']]);
        self::assertMatchesRegularExpression('/Whisk the agar powder into \d+ g of the whole milk/', $text);
        self::assertStringContainsString('Warm the rest to 35 °C at least', $text);
    }

    /** A cream that gelatin set cold: what was cooled before all was joined is not cooled any more, and what goes in cold is warmed. */
    public function testAGelThatGripsHotIsJoinedWarm(): void
    {
        $told = self::told(self::swapped("300 ml double cream\n90 g sugar\n3 leaves gelatine\n300 ml buttermilk", "Soak the gelatine in cold water.\nWarm the cream and sugar until steaming.\nSqueeze out the gelatine and stir into the cream.\nCool to blood heat, then strain onto the buttermilk and whisk gently.\nPour into moulds and chill 4 hours.", ['gelatin-leaf-gold' => ['agar']]));
        self::assertSame([
            ['gone', 'Soak the gelatine in cold water.'],
            ['edited', 'Whisk the agar powder into the double cream, cold. Warm the cream and sugar until steaming. Bring to the boil and boil 2 minutes, stirring.'],
            ['gone', 'Squeeze out the gelatine and stir into the cream.'],
            ['edited', 'Warm the buttermilk to 35 °C first. Strain onto the buttermilk, then whisk gently.'],
            ['same', 'Pour into moulds and chill 4 hours.'],
        ], $told);
        // What stands to set, to have the next put on it, is set on purpose; what only cools is moved before it grips.
        $told = self::told(self::swapped("150 g elderflower cordial\n600 g water\n50 g sugar\n6 leaves gelatine", "Soak the leaves.\nHeat 200 ml of the water with the sugar, take off and stir in the drained gelatine.\nAdd the rest of the water and the cordial, cool.\nPour half into a mould, chill until set, then pour over the rest and chill overnight.", ['gelatin-leaf-gold' => ['agar']]));
        self::assertSame('gone', $told[0][0]);
        self::assertStringEndsWith('Add the rest of the water and the cordial.', $told[2][1]);
        self::assertSame('same', $told[3][0]);
    }

    /** A foam folded into a gel that grips hot: little of it at once while that is warm; much of it into the set gel blended smooth; where it is turned out, tried first. */
    public function testHowAFoamGoesIntoAGelThatGripsHot(): void
    {
        $with = static fn(int $cream, string $end): string => implode(' ', array_column(self::told(self::swapped("400 g milk\n70 g sugar\n3 leaves gelatine\n$cream g whipping cream", "Soak the gelatine.\nHeat the milk and sugar to a simmer. Squeeze out the gelatine and stir it in.\nLeave to cool 20 mins.\nWhip the cream and fold through.\n$end", ['gelatin-leaf-gold' => ['agar']])), 1));
        self::assertStringContainsString('Chill it until set, then blend it smooth.', $with(300, 'Spoon into glasses.'));
        self::assertStringContainsString('fold it in at once, while that is still above 45 °C. Whip', $with(60, 'Spoon into glasses.'));
        self::assertStringContainsString('Try it in one small mould first', $with(300, 'Chill in a mould 6 hours. Turn out.'));
        self::assertStringContainsString('Try it in one small mould first', $with(300, 'Press the biscuits into a tin and pour over.'), 'what stands on a base is cut');
        foreach ([$with(300, 'Spoon into glasses.'), $with(60, 'Spoon into glasses.')] as $text) {
            self::assertStringNotContainsString('Whip the cream and fold through. Chill it', $text);
            self::assertGreaterThan(mb_strpos($text, 'boil 2 minutes') ?: mb_strpos($text, 'at the boil 2 minutes'), mb_strpos($text, 'Whip the cream'), 'boiled before anything is folded');
        }
    }

    /** Eggs that were parted: what stands for whites is whipped where they were, and yolks that nothing stands for leave what they were whisked with. */
    public function testWhitesAndYolksOfEggsThatLeft(): void
    {
        $told = self::told(self::swapped("4 eggs\n100 g sugar\n500 g mascarpone", "Separate the eggs. Whisk the yolks with the sugar until pale, beat in the mascarpone.\nWhisk whites stiff and fold in.", ['egg' => ['aquafaba']]));
        self::assertSame([['edited', 'Put the sugar in the bowl or pan, then beat in the mascarpone.'], ['edited', 'Whisk aquafaba stiff and fold in.']], $told);
        $told = self::told(self::swapped("4 eggs\n100 g sugar\n500 g mascarpone", "Separate the eggs. Whisk the yolks with the sugar until pale, beat in the mascarpone.\nWhisk whites stiff and fold in.", ['egg' => []]));
        self::assertSame('gone', $told[1][0]);
    }

    /** What comes in is called as the maker's language calls it, and joined by its own "and". */
    public function testNamesInTheLanguageOfTheMethod(): void
    {
        $was = Kit::engine()->read(Kit::engine()->parse("Flan\nPara 4 personas\n\n500 ml de leche\n4 huevos\n100 g de azúcar\n\nCalentar la leche. Batir los huevos con el azúcar y añadir la leche.\nVerter en el molde y hornear 40 minutos a 150 °C."))->formula;
        $now = $was->with([$was->layers[0]->with([Line::of('coconut-milk', 300.0), Line::of('soy-milk', 200.0), Line::of('egg', 240.0), Line::of('sugar', 100.0)])]);
        $told = self::told(MethodEdit::of($was, (new MethodReader())->by(Kit::shelf(), $was), $now, [['milk' => ['coconut-milk', 'soy-milk']]], Kit::shelf()));
        self::assertStringContainsString('Calentar la leche de coco y ', $told[0][1]);
        self::assertStringNotContainsString(' and ', $told[0][1]);
        self::assertSame(['same', 'Verter en el molde y hornear 40 minutos a 150 °C.'], $told[1]);
    }

    public function testWhatDoesTheSameThereIsOnlyNamed(): void
    {
        $told = self::told(self::swapped("200 g digestive biscuits\n90 g butter", 'Mix the biscuits with the melted butter.', ['butter' => ['coconut-oil', 'sunflower-lecithin']]));
        self::assertSame('Mix the biscuits with the melted coconut oil and sunflower lecithin.', $told[0][1]);
        $told = self::told(self::swapped("200 g sugar\n300 g cream cheese", 'Beat the cream cheese with the sugar.', ['sugar' => ['allulose', 'stevia-rebaudioside-a']]));
        self::assertSame('Beat the cream cheese with the allulose and stevia extract.', $told[0][1]);
    }

    public function testWhatServedTheEggAloneGoes(): void
    {
        $told = self::told(self::swapped("400 g milk\n100 g sugar\n100 g egg yolk", "Whisk the yolks with the sugar until pale and thick.\nPour the milk over.\nDon't let it boil or the yolks will scramble.", ['egg-yolk' => ['sunflower-oil', 'silken-tofu']]));
        self::assertStringContainsString('Drain the silken tofu and blend it smooth. Whisk the sunflower oil and silken tofu with the sugar until smooth.', $told[0][1]);
        self::assertSame('gone', $told[2][0]);
    }

    public function testAmountsInTheWordsFollowTheFormula(): void
    {
        $was = Kit::engine()->parse("Dish\nportions: 4\n100 g sugar\n300 g cream\nmethod:\nWhip the cream with 40 g of the sugar. Scatter the other 60 g of sugar over.");
        $now = $was->with([$was->layers[0]->with(array_map(static fn(Line $line): Line => $line->ingredient === 'sugar' ? $line->weighing(50.0) : $line, $was->layers[0]->lines))]);
        $told = self::told(MethodEdit::of($was, (new MethodReader())->by(Kit::shelf(), $was), $now, [[]], Kit::shelf()));
        self::assertStringContainsString('with 20 g of the sugar', $told[0][1]);
        self::assertStringContainsString('30 g of sugar', $told[0][1]);
    }

    /** Whatever sets, thickens or must be dissolved has a row that says how it goes in: none is only mixed in. */
    public function testEveryAgentOfTheShelfSaysHowItGoesIn(): void
    {
        $agents = ['gelatin-bloom', 'agar', 'iota', 'kappa', 'gellan', 'lm-pectin', 'hm-pectin', 'konjac', 'locust-bean', 'xanthan', 'alginate', 'chia', 'flax', 'psyllium', 'methylcellulose', 'coagulant', 'starch', 'starch-stable', 'starch-cold'];
        foreach (Kit::shelf()->all() as $in) {
            if (array_intersect($agents, array_keys($in->functions)) !== [] && !$in->isFlour() && !\in_array($in->group, ['base', 'flour'], true) && !\in_array($in->class, ['pulse-flour', 'gf-flour'], true)) {
                self::assertNotNull(Agents::of($in->id), "$in->id: how does it go in?");
            }
        }
    }

    public function testNothingTouchedStaysToTheLetter(): void
    {
        $method = "1)  Warm   the cream with the sugar; DON'T boil.\nPour in 4 glasses!\nServe cold.";
        foreach (self::swapped("500 g cream\n80 g sugar", $method, []) as $n => $step) {
            self::assertSame('same', $step->changed);
            self::assertSame(explode("\n", $method)[$n], $step->step->text);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function conversions(): iterable
    {
        foreach (glob(__DIR__ . '/pages/*.txt') ?: [] as $file) {
            foreach (['vegan', 'eggless', 'gluten-free', 'high-protein'] as $diet) {
                yield basename($file, '.txt') . ", $diet" => [$file, $diet];
            }
        }
    }

    /** Whole pages through whole conversions: each line of the result is named by its own method, read anew, and steps with nothing changed are the maker's. */
    #[DataProvider('conversions')]
    public function testTheMethodOfARouteNamesEveryLineOfIt(string $file, string $diet): void
    {
        $was = Kit::engine()->parse((string) file_get_contents($file));
        $before = \count((new MethodReader())->by(Kit::shelf(), $was)->unsaid);
        $answer = Kit::engine()->answer($was, Brief::of([Diet::from($diet)]));
        self::assertTrue($answer->routes !== [] || $answer->blocked !== []);
        foreach (\array_slice($answer->routes, 0, 2) as $route) {
            if ($route->result->formula === $was) {
                continue;
            }
            $now = $route->formula();
            $unsaid = array_map(static fn(Part $part): string => $part->named, (new MethodReader())->by(Kit::shelf(), $now)->unsaid);
            self::assertLessThanOrEqual($before, \count($unsaid), "$route->name: " . implode(', ', $unsaid));
            $words = array_map(static fn(\Transmuta\Formula\Step $step): string => $step->text, $was->method);
            foreach ($route->method() as $step) {
                if ($step->changed === 'same') {
                    self::assertContains($step->step->text, $words);
                }
                self::assertContains($step->changed, ['same', 'edited', 'new', 'gone']);
            }
            self::assertInstanceOf(Formula::class, $now);
        }
    }
}
