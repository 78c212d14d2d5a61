<?php

declare(strict_types=1);

namespace Transmuta\Tests\Format;

use PHPUnit\Framework\TestCase;
use Transmuta\Format\ReadingChanges;
use Transmuta\Property\DishReading;
use Transmuta\Tests\Kit;

final class ReadingChangesTest extends TestCase
{
    private static function read(string $lines): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse("portions: 4\nlayer: Cream\ntreat: boil 2 min\n$lines"));
    }

    public function testTheSameDishDiffersInNothing(): void
    {
        $one = self::read("400 g milk\n30 g cornflour\n60 g sugar");
        self::assertSame(['portion' => [], 'layers' => [], 'diets' => [], 'allergens' => ['in' => [], 'out' => []]], ReadingChanges::between($one, $one));
    }

    public function testWhatADeveloperWouldSeeIsToldWithItsUnits(): void
    {
        $changes = ReadingChanges::between(self::read("400 g milk\n30 g cornflour\n60 g sugar"), self::read("400 g soy milk\n15 g cornflour\n30 g sugar"));
        $portion = array_column($changes['portion'], null, 'what');
        self::assertSame('kcal', $portion['Energy']['unit']);
        self::assertLessThan($portion['Energy']['was'], $portion['Energy']['now']);
        $layers = array_column($changes['layers'], null, 'what');
        self::assertStringContainsString('GE', $layers['Set']['was']);
        self::assertStringEndsWith('SE', $layers['Sweetness']['now']);
        self::assertContains(['diet' => 'dairy-free', 'was' => 'not met', 'now' => 'met'], $changes['diets']);
        self::assertSame(['in' => ['soybeans'], 'out' => ['milk']], $changes['allergens']);
    }

    public function testWhatNobodyWouldSeeIsNotTold(): void
    {
        $changes = ReadingChanges::between(self::read("400 g milk\n30 g cornflour\n60 g sugar"), self::read("400 g milk\n30 g cornflour\n60.1 g sugar"));
        self::assertSame([], $changes['layers']);
        self::assertNotContains('Salt', array_column($changes['portion'], 'what'));
    }
}
