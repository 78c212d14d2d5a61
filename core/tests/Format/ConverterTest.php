<?php

declare(strict_types=1);

namespace Transmuta\Tests\Format;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\Converted;
use Transmuta\Format\Converter;
use Transmuta\Format\Form;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Intake\Unreadable;
use Transmuta\Shelf\Ingredient;
use Transmuta\Tests\Kit;

/** Formulas passed on in other forms and back: nothing is lost that a form can hold, and what it cannot is said. */
final class ConverterTest extends TestCase
{
    private static function to(string $form, Formula $formula): Converted
    {
        return (new Converter(Kit::shelf(), Kit::engine()->method, Kit::engine()->lines))->to(Form::read($form), Kit::engine()->read($formula));
    }

    private static function assertSameDish(Formula $one, Formula $other, string $of): void
    {
        self::assertSame($one->title, $other->title, $of);
        self::assertSame($one->portions, $other->portions, $of);
        $was = $one->holds();
        $is = $other->holds();
        self::assertEqualsCanonicalizing(array_keys($was), array_keys($is), $of);
        foreach ($was as $id => $grams) {
            self::assertEqualsWithDelta($grams, $is[$id], 0.01 * max(0.5, $grams), "$of: $id");
        }
    }

    /** Every ingredient the shelf has, under a title and layer names that try to be something else. */
    public function testEveryIngredientComesBackFromEveryForm(): void
    {
        $ids = array_values(array_map(static fn(Ingredient $in): string => $in->id, array_values([...Kit::shelf()->all()])));
        foreach (array_chunk($ids, 24) as $n => $some) {
            $half = intdiv(\count($some), 2);
            $line = static fn(string $id): array => ['ingredient' => $id, 'grams' => 40.25, 'text' => "40 g $id"];
            $formula = Kit::engine()->json->read(['title' => "=Try $n, \"quoted\" 50 %", 'portions' => 7, 'layers' => [['name' => 'One', 'lines' => array_map($line, \array_slice($some, 0, $half))], ['name' => '+Two; [x](y)', 'lines' => array_map($line, \array_slice($some, $half))]]]);
            foreach (['json', 'text', 'jsonld', 'csv'] as $form) {
                self::assertSameDish($formula, Kit::engine()->parse(self::to($form, $formula)->text), "$form $n");
            }
        }
    }

    /** @return array<string, array{string}> */
    public static function demos(): array
    {
        return Kit::demos();
    }

    #[DataProvider('demos')]
    public function testADishComesBackWithItsLayers(string $name): void
    {
        $formula = Kit::demo($name);
        foreach (['json', 'text', 'jsonld', 'csv'] as $form) {
            $back = Kit::engine()->parse(self::to($form, $formula)->text);
            self::assertSameDish($formula, $back, $form);
            if ($form !== 'jsonld') {
                $names = static fn(Formula $of): array => array_map(static fn(Layer $layer): string => $layer->name, $of->layers);
                self::assertSame($names($formula), $names($back), $form);
            }
        }
        self::assertSame([], self::to('json', $formula)->lost);
    }

    public function testWhatAFormCannotHoldIsSaid(): void
    {
        $formula = Kit::engine()->parse("Pie\nportions: 8\nserve at: 12 C\n\nlayer: Cream\ntreat: cook to 82 C\ntin: round 230 x 50 mm\n500 g whole milk\n100 g egg yolk\n");
        $lost = static fn(string $form): array => array_map(static fn(string $said): string => strstr($said, ':', true) ?: $said, self::to($form, $formula)->lost);
        self::assertEqualsCanonicalizing(['treatments', 'tins', 'serving temperature'], $lost('csv'));
        self::assertEqualsCanonicalizing(['layers', 'treatments', 'tins', 'serving temperature'], $lost('jsonld'));
        self::assertSame([], $lost('text'));
    }

    public function testARecipeForTheWebIsHarmlessAndClaimsNothingUnproven(): void
    {
        $formula = Kit::engine()->parse("Milk jelly\nportions: 4\n\n500 g whole milk\n60 g caster sugar\n4 g agar powder\n\nmethod:\nBoil it </script><script>alert(1)</script>\nSee javascript:alert(1) or https://kitchen.example/jelly\n");
        $json = self::to('jsonld', $formula)->text;
        self::assertStringNotContainsString('<', $json);
        self::assertStringNotContainsString('javascript:', $json);
        self::assertStringContainsString('https://kitchen.example/jelly', $json);
        $data = json_decode($json, true, 16, \JSON_THROW_ON_ERROR);
        self::assertSame(['https://schema.org', 'Recipe', 'Milk jelly', '4 servings'], [$data['@context'], $data['@type'], $data['name'], $data['recipeYield']]);
        self::assertMatchesRegularExpression('/^\d+ kcal$/', $data['nutrition']['calories']);
        foreach ($data['suitableForDiet'] ?? [] as $claimed) {
            $diet = strtolower((string) preg_replace('/(?<!^)(?=[A-Z])/', '-', substr($claimed, \strlen('https://schema.org/'), -4)));
            $verdict = Kit::engine()->read($formula)->diets[$diet];
            self::assertSame([[], []], [$verdict->because, $verdict->unproven], $claimed);
        }
        self::assertNotContains('https://schema.org/VeganDiet', $data['suitableForDiet'] ?? []);
    }

    public function testACardOfMarkdownIsTextOnly(): void
    {
        $card = self::to('markdown', Kit::engine()->json->read(['title' => 'Pie <img src=x onerror=alert(1)> [x](http://y) `c`', 'portions' => 2, 'layers' => [['name' => 'A', 'lines' => ['100 g milk']]]]))->text;
        self::assertStringNotContainsString('<img', $card);
        self::assertStringContainsString('\[x\](http://y)', $card);
    }

    /** surface A11: no step is numbered twice, and an ampersand is one. */
    public function testStepsThatWereTypedWithNumbersAreNumberedOnce(): void
    {
        $formula = Kit::engine()->parse("Curd & cream\nportions: 2\n\n100 g whole milk\n20 g sugar\n\nmethod:\n1. Warm milk & sugar.\nStep 2: Chill &lt; 4 h.\n3 minutes later serve.\n");
        self::assertSame(['Warm milk & sugar.', 'Chill &lt; 4 h.', '3 minutes later serve.'], array_column(json_decode(self::to('jsonld', $formula)->text, true)['recipeInstructions'], 'text'));
        $card = self::to('markdown', $formula)->text;
        self::assertStringContainsString("# Curd & cream\n", $card);
        self::assertStringContainsString("1. Warm milk & sugar.\n2. Chill \\&lt; 4 h.\n3. 3 minutes later serve.\n", $card);
    }

    public function testATableIsWhatASpreadsheetShowsAndDoesNotCompute(): void
    {
        $formula = Kit::engine()->json->read(['title' => '=HYPERLINK("x")', 'portions' => 2, 'layers' => [['name' => '@A', 'lines' => ['100 g milk', '-5 of nothing known']]]]);
        $table = self::to('csv', $formula)->text;
        self::assertStringStartsWith("title,portions,layer,ingredient,grams,text\n", $table);
        self::assertStringContainsString("'=HYPERLINK", $table);
        self::assertSame('=HYPERLINK("x")', Kit::engine()->parse($table)->title);
        self::assertSame('@A', Kit::engine()->parse($table)->layers[0]->name);
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        $head = "title,portions,layer,ingredient,grams,text\n";
        yield 'a column missing' => ["title,portions,layer,grams\nPie,4,A,3", 'line 1'];
        yield 'no line' => [$head, 'no line'];
        yield 'a cell short' => [$head . 'Pie,4,A,milk,3', 'line 2'];
        yield 'words for grams' => [$head . 'Pie,4,A,milk,some,x', 'line 2: grams'];
        yield 'half a portion' => [$head . 'Pie,0.5,A,milk,3,x', 'line 2: portions'];
        yield 'nothing named' => [$head . 'Pie,4,A,,,', 'line 2'];
    }

    #[DataProvider('broken')]
    public function testABrokenTableNamesItsLine(string $table, string $where): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessageMatches('/' . preg_quote($where, '/') . '/');
        Kit::engine()->parse($table);
    }

    public function testThereIsNoOtherForm(): void
    {
        $this->expectException(Nonsense::class);
        self::to('pdf', Kit::demo('cardamom-set-custard'));
    }
}
