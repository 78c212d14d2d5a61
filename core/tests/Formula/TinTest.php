<?php

declare(strict_types=1);

namespace Transmuta\Tests\Formula;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Tin;
use Transmuta\Intake\Recipe\Tins;

/** Vessels in any kitchen's words come to mm; an inch is 25.4 mm by definition (international yard, 1959). */
final class TinTest extends TestCase
{
    /** @return array<string, array{string, string}> */
    public static function written(): array
    {
        return [
            'mm' => ['round 200 x 60 mm', 'round 200 x 60 mm'],
            'none is mm' => ['round 200 x 60', 'round 200 x 60 mm'],
            'cm' => ['round 20 x 6.5 cm', 'round 200 x 65 mm'],
            'inches' => ['rect 13 x 9 x 2 in', 'rect 330.2 x 228.6 x 50.8 mm'],
            'the sign' => ['12 x round 3 x 1"', '12 x round 76.2 x 25.4 mm'],
            'many' => ['12 x round 8 x 2 cm', '12 x round 80 x 20 mm'],
            'a glass' => ['6 x glass 150 ml', '6 x glass 150 ml'],
            'spoken' => ['a 9-inch springform', 'round 229 x 65 mm'],
            'two of them' => ['two 8 inch round cake tins', '2 x round 203 x 50 mm'],
            'inches first' => ['9 inch round cake tin', 'round 229 x 50 mm'],
            'by its name' => ['Loaf tin 900 g', 'rect 230 x 130 x 70 mm'],
            'fluid ounces' => ['6 x glass 4 oz', '6 x glass 118 ml'],
            'spoken glasses' => ['six 150 ml ramekins', '6 x glass 150 ml'],
        ];
    }

    #[DataProvider('written')]
    public function testAnyKitchensWordsAreRead(string $text, string $words): void
    {
        self::assertSame($words, Tins::read($text)->words());
        self::assertSame($words, Tins::read(Tins::read($text)->words())->words());
    }

    /** @return array<string, array{string}> */
    public static function absurd(): array
    {
        return ['too wide' => ['round 201 x 6 cm'], 'too deep' => ['round 20 x 51 cm'], 'no size' => ['a nice tin'], 'nothing' => ['round x mm'], 'another unit' => ['round 2 x 1 m'], 'none of them' => ['0 x round 80 x 20 mm'], 'no glass' => ['0 x glass 80 ml']];
    }

    #[DataProvider('absurd')]
    public function testWhatCannotBeIsRefusedWithTheMend(string $text): void
    {
        $this->expectException(Nonsense::class);
        Tins::read($text);
    }

    public function testBothSidesOfTheBoundary(): void
    {
        self::assertSame(2000.0, Tin::parse('round 200 x 6 cm')->a);
        self::assertSame(500.0, Tin::parse('round 20 x 50 cm')->height);
    }

    public function testWhatIsOfferedIsReadBack(): void
    {
        foreach (Tins::common() as $tin) {
            self::assertSame($tin['words'], Tins::read($tin['words'])->words(), $tin['name']);
        }
    }
}
