<?php

declare(strict_types=1);

namespace Transmuta\Tests\Audit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Oven;
use Transmuta\Formula\Scaling;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Process\Degrees;
use Transmuta\Tests\Kit;

/** What somebody who had never seen it ran into on a first day, where the core is at fault: by its number there. */
final class SurfaceTest extends TestCase
{
    /** @return iterable<string, array{string, float, ?Oven}> */
    public static function ovens(): iterable
    {
        foreach (['160C fan', '160 °C fan', '160°C (fan)', '160 °C, fan oven', 'fan 160 °C', '160 °C convection'] as $said) {
            yield $said => [$said, 180.0, Oven::Fan];
        }
        yield '180 °C' => ['180 °C', 180.0, null];
        yield '180 °C (160 °C fan): the first is meant' => ['180 °C (160 °C fan)', 180.0, null];
        yield 'gas mark 4' => ['gas mark 4', 177.0, Oven::Gas];
        yield '325 F convection' => ['325 F convection', 182.8, Oven::Fan];
    }

    /** A2: a fan oven's heat is a fan oven's, wherever it is typed and wherever it is printed. */
    #[DataProvider('ovens')]
    public function testA2AFanIsNoStillOven(string $said, float $still, ?Oven $oven): void
    {
        $dish = Kit::engine()->parse("Pie\nServes 8\n\nFilling:\n397 g condensed milk\n3 egg yolks\n120 ml lime juice\n\nWhisk it and bake for 15 minutes at $said.");
        $bake = $dish->layers[0]->treatment->step(TreatmentKind::Bake);
        self::assertNotNull($bake);
        self::assertEqualsWithDelta($still, (float) $bake->celsius, 1.0);
        self::assertSame($oven, $bake->oven);
        // There and back in the text form, and in the method.
        self::assertEquals($bake, TreatmentGrammar::parse($bake->words())->steps[0]);
        $method = implode(' ', Kit::engine()->method->steps(Kit::engine()->read($dish)));
        self::assertStringContainsString(Degrees::oven((float) $bake->celsius, $oven), $method);
        self::assertStringNotContainsString('still', $bake->told());
    }

    public function testA2TheCardTellsTheOtherOvens(): void
    {
        self::assertSame('160 °C fan (180 °C without a fan, 355 °F, gas 4)', Degrees::oven(180.0, Oven::Fan));
        self::assertSame('180 °C (160 °C fan, 355 °F, gas 4)', Degrees::oven(180.0));
        self::assertStringStartsWith('gas 4 (', Degrees::oven(177.0, Oven::Gas));
    }

    /** @return iterable<string, array{string, string}> */
    public static function vessels(): iterable
    {
        yield 'A7' => ['square 20 cm tin', 'rect 200 x 200 x 50 mm'];
        foreach (['20 cm square tin' => 'rect 200 x 200 x 50 mm', '23 cm round' => 'round 230 x 50 mm', '20 cm square' => 'rect 200 x 200 x 50 mm', '33x23 cm tray' => 'rect 330 x 230 x 30 mm', 'ring 18 cm, h 4.5 cm' => 'round 180 x 45 mm', '8 ramekins' => '8 x glass 150 ml',
            '1 litre loaf tin' => 'rect 161 x 97 x 64 mm', 'square tin 20 cm, 5 cm deep' => 'rect 200 x 200 x 50 mm', 'square tin 20 cm, 8 cm deep' => 'rect 200 x 200 x 80 mm', '9 × 3 in springform' => 'round 229 x 76 mm', '1.5-litre dish' => 'glass 1500 ml', 'ring ø7 h4.5' => 'round 70 x 45 mm', '33 × 23 tray' => 'rect 330 x 230 x 30 mm', '12 glasses of 110 ml' => '12 x glass 110 ml'] as $said => $is) {
            yield "B1: $said" => [$said, $is];
        }
    }

    #[DataProvider('vessels')]
    public function testA7B1AVesselIsReadAsItIsWritten(string $said, string $is): void
    {
        self::assertSame($is, Tins::read($said)->words());
    }

    public function testWhatIsNoVesselIsRefused(): void
    {
        $this->expectException(Nonsense::class);
        Tins::read('whatever is clean');
    }

    /** A8: nobody said how deep: 23 cm round to 20 cm square is 400 of 415 cm², as deep as before; a base goes by area whatever the depth. */
    public function testA8AnotherTinGoesByAreaWhereNobodySaidHowDeep(): void
    {
        $pie = Kit::engine()->parse("Pie\nportions: 8\n\nlayer: Base\ntin: 23 cm pie dish\n300 g plain biscuits\n\nlayer: Filling\ntin: 23 cm pie dish\n500 g cream");
        $square = Scaling::toTin($pie, Tins::read('20 cm square tin'), Tins::statesDepth('20 cm square tin'), [0]);
        self::assertEqualsWithDelta(300 * 400 / 415.5, $square->layers[0]->lines[0]->grams, 2.0);
        self::assertEqualsWithDelta(500 * 400 / 415.5, $square->layers[1]->lines[0]->grams, 3.0);
        self::assertSame($pie->layers[1]->tin?->height, $square->layers[1]->tin?->height);
        $deep = Scaling::toTin($pie, Tins::read('square tin 20 cm, 8 cm deep'), true, [0]);
        self::assertEqualsWithDelta(300 * 400 / 415.5, $deep->layers[0]->lines[0]->grams, 2.0, 'a crust is no thicker for a deeper tin');
        self::assertEqualsWithDelta(500 * 400 * 8 / (415.5 * 4), $deep->layers[1]->lines[0]->grams, 8.0);
    }

    /** A9: sixty covers are eight pies and not one 74 mm deep; four are still in the one there is. */
    public function testA9SixtyCoversAreAsManyTins(): void
    {
        $pie = Kit::engine()->parse("Pie\nportions: 8\n\nlayer: Base\ntin: 23 cm pie dish\n300 g plain biscuits\n\nlayer: Filling\ntin: 23 cm pie dish\n500 g cream");
        $sixty = Scaling::toPortions($pie, 60);
        self::assertSame([8, 8], array_map(static fn($layer): int => $layer->tin->count ?? 0, $sixty->layers));
        self::assertLessThanOrEqual(1.02, Kit::engine()->read($sixty)->volume() / ($sixty->layers[1]->tin?->volume() ?? 1.0));
        self::assertSame(1, Scaling::toPortions($pie, 4)->layers[0]->tin->count ?? 0);
    }
}
