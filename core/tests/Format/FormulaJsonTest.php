<?php

declare(strict_types=1);

namespace Transmuta\Tests\Format;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Format\FormulaJson;
use Transmuta\Format\FormulaText;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Intake\Unreadable;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Tests\Kit;

final class FormulaJsonTest extends TestCase
{
    #[DataProviderExternal(Kit::class, 'demos')]
    public function testADemoDishGoesThereAndBack(string $name): void
    {
        $once = FormulaJson::write(Kit::demo($name));
        $text = json_encode($once, \JSON_THROW_ON_ERROR);
        self::assertEquals($once, FormulaJson::write(Kit::engine()->parse($text)));
    }

    public function testALineNotUnderstoodSurvives(): void
    {
        $formula = Kit::engine()->parse("10 g sugar\n3 wisps of cloud");
        $back = Kit::engine()->json->read(FormulaJson::write($formula));
        self::assertSame('3 wisps of cloud', $back->unresolved()[0]->text);
    }

    public function testANoteOnALineGoesWhereverTheLineGoes(): void
    {
        $engine = Kit::engine();
        $formula = $engine->parse("title: Pot\nportions: 4\n\nlayer: Curd\n120 g lemon juice\nline note: strained   twice\n90 g sugar\n80 g egg yolks\na wisp of cloud\nline note: ask Ilka");
        $notes = static fn(Formula $of): array => array_map(static fn(Line $line): string => $line->note, $of->layers[0]->lines);
        self::assertSame(['strained twice', '', '', 'ask Ilka'], $notes($formula));
        self::assertSame($notes($formula), $notes($engine->json->read(FormulaJson::write($formula))));
        self::assertSame($notes($formula), $notes($engine->parse((new FormulaText(Kit::shelf()))->write($formula))));
        self::assertSame('strained twice', $formula->layers[0]->lines[0]->weighing(60.0)->pinned(true)->identified('x')->note);
        $clear = $engine->parse("title: Pot\nportions: 4\n\nlayer: Curd\n120 g lemon juice\nline note: strained\n90 g sugar\n80 g egg yolks\n60 g butter");
        foreach ($engine->reformulate($clear, Brief::of([Diet::Eggless])) as $route) {
            $juice = array_values(array_filter($route->result->formula->layers[0]->lines, static fn(Line $line): bool => $line->ingredient === 'lemon-juice'));
            self::assertSame('strained', $juice[0]->note, $route->name);
        }
        self::assertSame(400, mb_strlen($formula->layers[0]->lines[1]->noted(str_repeat('ab', 300))->note));
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('line note');
        $engine->parse("layer: Curd\nline note: of nothing\n90 g sugar");
    }

    public function testAFormThatIsNotKnownIsNotKept(): void
    {
        $formula = Kit::engine()->json->read(['layers' => [['lines' => [['ingredient' => 'agar', 'grams' => 1, 'prep' => ['boiled', 'enchanted', 'boiled', 7]]]]]]);
        self::assertSame(['boiled'], $formula->layers[0]->lines[0]->prep);
    }

    public function testALineMayBeATextAlone(): void
    {
        $formula = Kit::engine()->json->read(['layers' => [['name' => 'A', 'lines' => ['120 g lemon juice', ['text' => '2 tbsp sugar']]]]]);
        self::assertSame(['lemon-juice', 'sugar'], array_map(static fn($l): ?string => $l->ingredient, $formula->layers[0]->lines));
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function refusals(): array
    {
        $layer = static fn(array $line): array => ['layers' => [['name' => 'A', 'lines' => [$line]]]];

        return [
            'no layers' => [[], '"layers" must be a list'],
            'layers of nothing' => [['layers' => []], 'at least one layer'],
            'a layer without lines' => [['layers' => [['name' => 'A']]], 'layer 1 needs a list "lines"'],
            'a negative mass' => [$layer(['ingredient' => 'sugar', 'grams' => -1]), 'layer 1 line 1 (sugar): give a mass between 0'],
            'an absurd mass' => [$layer(['ingredient' => 'sugar', 'grams' => 100001]), 'give a mass between 0'],
            'a mass in words' => [$layer(['ingredient' => 'sugar', 'grams' => 'lots']), '"grams" as a number'],
            'an unknown ingredient' => [$layer(['ingredient' => 'moonbeam', 'grams' => 5]), 'no ingredient "moonbeam"'],
            'unknown measures' => [['measures' => 'roman'] + $layer(['ingredient' => 'sugar', 'grams' => 5]), 'measures'],
            'no portions' => [['portions' => 0] + $layer(['ingredient' => 'sugar', 'grams' => 5]), 'portions'],
        ];
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('refusals')]
    public function testWhatIsNotOfTheSchemaIsRefusedWithItsPlace(array $data, string $says): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage($says);
        Kit::engine()->json->read($data);
    }

    public function testAValueThatCannotBeIsToldInACooksWordsAndNotAsAForm(): void
    {
        try {
            Kit::engine()->json->read(['layers' => [['name' => 'A', 'tin' => 'moon pan', 'lines' => []]]]);
            self::fail('It was read.');
        } catch (Unreadable $unreadable) {
            self::assertStringStartsWith('tin: "moon pan" cannot be right', $unreadable->reason);
            self::assertStringContainsString('round 200 x 60 mm', $unreadable->reason);
        }
    }

    public function testBrokenJsonIsToldAsSuch(): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('The JSON form cannot be read');
        Kit::engine()->parse('{"layers": [');
    }
}
