<?php

declare(strict_types=1);

namespace Transmuta\Tests\Format;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Transmuta\Format\FormulaJson;
use Transmuta\Intake\Unreadable;
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
