<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Method\Operation;
use Transmuta\Property\DishReading;
use Transmuta\Property\Portion;
use Transmuta\Tests\Kit;

/** What heat each line meets, read off the maker's own steps, and what goes by it: rawness, and what sets. */
final class HeatMetTest extends TestCase
{
    private static function dish(string $text): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse($text));
    }

    /** @return array<string, string> level by ingredient; "~" behind it where it is heated still, "/" where it is heated apart from the rest */
    private static function met(DishReading $dish): array
    {
        $met = [];
        foreach ($dish->layers as $layer) {
            foreach ($layer->state->model->portions as $portion) {
                $met[$portion->ingredient->id] = self::words($portion);
            }
        }

        return $met;
    }

    private static function words(Portion $portion): string
    {
        return $portion->met === null ? '?' : $portion->met->level->name . ($portion->met->still ? '~' : '') . ($portion->met->apart ? '/' : '');
    }

    /** @return iterable<string, array{string, list<string>, array<string, string>}> */
    public static function methods(): iterable
    {
        $layer = "portions: 4\nlayer: A\n";
        yield 'a foam after the boil' => [$layer . "300 g milk\n25 g cornflour\n90 g egg whites\n60 g sugar", ['Boil the milk with the cornflour for 1 minute and leave to cool.', 'Whip the egg whites with the sugar and fold them in.', 'Chill.'], ['milk' => 'Boil', 'cornflour' => 'Boil', 'egg-white' => 'Cold', 'sugar' => 'Cold']];
        yield 'and before the oven' => [$layer . "300 g milk\n25 g cornflour\n90 g egg whites\n60 g sugar", ['Boil the milk with the cornflour for 1 minute and leave to cool.', 'Whip the egg whites with the sugar and fold them in.', 'Bake at 180 C for 30 minutes.'], ['milk' => 'Boil', 'egg-white' => 'Hot~', 'sugar' => 'Hot~']];
        yield 'hot milk on yolks is no more than warm' => [$layer . "300 g milk\n60 g egg yolk\n60 g sugar", ['Boil the milk.', 'Whisk the yolks with the sugar and stream in the milk.', 'Chill.'], ['milk' => 'Boil', 'egg-yolk' => 'Warm', 'sugar' => 'Warm']];
        yield 'and back on the hob it is cooked' => [$layer . "300 g milk\n60 g egg yolk\n60 g sugar", ['Boil the milk.', 'Whisk the yolks with the sugar and stream in the milk.', 'Return to the pan and cook to 82 C.'], ['milk' => 'Boil', 'egg-yolk' => 'Hot', 'sugar' => 'Hot']];
        yield 'agar in a part of the milk' => [$layer . "400 g milk\n2 g agar\n60 g sugar", ['Whisk the agar into 100 g of the milk and boil for 2 minutes.', 'Warm the rest of the milk with the sugar and stir the agar in.'], ['agar' => 'Boil/', 'milk' => 'Warm', 'sugar' => 'Warm']];
        yield 'melted butter in a crumb warms the crumb, and nothing after' => [$layer . "250 g digestive biscuits\n100 g butter\n600 g cream cheese\n10 g gelatine powder\n60 g water", ['Crush the biscuits, mix with the melted butter and press into the tin.', 'Sprinkle the gelatine on the water.', 'Beat the cream cheese, add the gelatine and pour over the base.', 'Chill overnight.'], ['butter' => 'Warm/', 'gelatin-powder' => 'Cold', 'cream-cheese' => 'Cold']];
        yield 'a line in two parts is as raw as the part that meets least' => [$layer . "200 g egg\n300 g milk", ['Boil the milk with half the eggs.', 'Leave to cool and whisk in the rest of the eggs.'], ['egg' => 'Cold', 'milk' => 'Boil']];
        yield 'hotter was said of the layer than its steps say: nobody knows' => [$layer . "treat: bake 180 C 40 min\n300 g milk\n60 g egg yolk", ['Whisk the milk with the yolks.', 'Chill.'], ['milk' => '?', 'egg-yolk' => '?']];
        yield 'where a sentence is not understood only what is hot is known' => [$layer . "300 g milk\n60 g egg yolk\n30 g cream", ['Boil the milk with the yolks.', 'Zorble the whole for a while.', 'Fold in the cream.'], ['milk' => 'Boil', 'egg-yolk' => 'Boil', 'cream-36' => '?']];
    }

    /**
     * @param list<string> $steps
     * @param array<string, string> $expected
     */
    #[DataProvider('methods')]
    public function testEachLineMeetsWhatIsDoneAfterItWentIn(string $lines, array $steps, array $expected): void
    {
        $met = self::met(self::dish("$lines\n\nmethod:\n" . implode("\n", $steps)));
        self::assertSame($expected, array_combine(array_keys($expected), array_map(static fn(string $id): string => $met[$id] ?? 'not there', array_keys($expected))));
    }

    public function testWhatIsReadOffTheMethodIsNeverKept(): void
    {
        $engine = Kit::engine();
        $dish = self::dish("portions: 4\nlayer: A\n400 g milk\n2 g agar\n\nmethod:\nWhisk the agar into the milk and boil for 2 minutes.");
        self::assertSame('Boil', self::met($dish)['agar']);
        $again = $engine->json->read($engine->json->write($dish->formula));
        foreach ($again->layers[0]->understood() as $line) {
            self::assertNull($line->met);
        }
    }

    public function testSetIsByWhatTheAgentMet(): void
    {
        $lines = "portions: 4\nlayer: A\n400 g milk\n60 g sugar\n";
        $set = static fn(string $agent, string ...$steps): float => self::dish("$lines$agent\n\nmethod:\n" . implode("\n", $steps))->layers[0]->set->ge;
        self::assertGreaterThan(0.5, $set('3 g agar', 'Boil 100 g of the milk with the agar for 2 minutes.', 'Warm the rest of the milk with the sugar and stir it in.'));
        self::assertLessThan(0.05, $set('3 g agar', 'Boil the milk with the sugar.', 'Leave to cool and whisk in the agar.'));
        self::assertGreaterThan(0.5, $set('6 g gelatin', 'Soak the gelatin. Warm the milk with the sugar and stir in the gelatin.'));
        self::assertLessThan(0.05, $set('6 g gelatin', 'Soak the gelatin. Whisk the milk with the sugar and the gelatin.', 'Chill.'));
    }

    /** Whatever heats says how far it brings its mass, and what does not heat says that it stays as it was or cools. */
    public function testEveryOperationSaysWhatItBringsItsMassTo(): void
    {
        foreach (Operation::all() as $operation) {
            self::assertContains($operation->brings, ['boil', 'hot', 'warm', 'cold', Operation::SAME], $operation->key);
            if (\in_array($operation->heats, ['boil', 'sugar', 'steam', 'fat'], true) && $operation->key !== 'preheat') {
                self::assertContains($operation->brings, ['boil', 'hot', Operation::SAME], $operation->key);
            }
            if ($operation->heats === 'freezer') {
                self::assertSame('cold', $operation->brings, $operation->key);
            }
        }
    }
}
