<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Engine;
use Transmuta\Property\DishReading;
use Transmuta\Property\Taste\SweetenerIntake;
use Transmuta\Reference\Reference;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Tests\Kit;

final class SweetenerIntakeTest extends TestCase
{
    private static function dish(string $lines, int $portions = 1): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse("portions: $portions\nlayer: A\n$lines"));
    }

    /** @return iterable<string, array{string, float}> acceptable daily intakes, mg per kg body weight (EFSA; cyclamate recalled) */
    public static function guides(): iterable
    {
        yield 'steviol' => ['steviol', 4.0];
        yield 'sucralose' => ['sucralose', 15.0];
        yield 'acesulfame-k' => ['acesulfame-k', 15.0];
        yield 'saccharin' => ['saccharin', 9.0];
        yield 'aspartame' => ['aspartame', 40.0];
        yield 'erythritol' => ['erythritol', 500.0];
    }

    #[DataProvider('guides')]
    public function testTheGuidesAreEfsas(string $what, float $guide): void
    {
        self::assertSame($guide, Reference::standard()->sweetenerLimits["guide $what"]);
    }

    public function testAGuideSaysWhoseItIs(): void
    {
        self::assertSame('EFSA', SweetenerIntake::guideSource('sucralose', Reference::standard()));
        self::assertSame('SCF', SweetenerIntake::guideSource('cyclamate', Reference::standard()));
        self::assertSame('recalled', SweetenerIntake::guideSource('neotame', Reference::standard()));
    }

    public function testSteviaCountsAsSteviolAboutAThirdOfItsWeight(): void
    {
        // Twelve mg of rebaudioside A are about four of steviol (practice G).
        $stevia = SweetenerIntake::ofPortion(self::dish("500 g milk\n0.25 g rebaudioside a"), Reference::standard());
        self::assertSame(['steviol'], array_keys($stevia));
        $active = Kit::shelf()->get('stevia-rebaudioside-a')->composition->of100('active.rebaudioside-a') / 100 * 0.25;
        self::assertEqualsWithDelta($active / 3, $stevia['steviol']['mg'], 0.02 * $active);
    }

    public function testAPortionIsItsShareOfTheDishAndOfTheDay(): void
    {
        $whole = SweetenerIntake::ofPortion(self::dish("400 g milk\n60 g erythritol"), Reference::standard())['erythritol'];
        $half = SweetenerIntake::ofPortion(self::dish("400 g milk\n60 g erythritol", 2), Reference::standard())['erythritol'];
        self::assertEqualsWithDelta($whole['mg'], 2 * $half['mg'], 1e-6);
        self::assertEqualsWithDelta($whole['mg'] / 30_000, $whole['adult'], 1e-9);
        self::assertEqualsWithDelta(3 * $whole['adult'], $whole['child'], 1e-9);
        self::assertSame([], SweetenerIntake::ofPortion(self::dish("400 g milk\n60 g sugar"), Reference::standard()));
    }

    public function testEveryHighPotencySweetenerOfTheShelfIsCountedOrHasNoGuideByName(): void
    {
        $limits = Reference::standard()->sweetenerLimits;
        foreach (Reference::standard()->sweeteners as $species => $row) {
            if ($row['rm'] !== '') {
                $known = isset($limits["guide $species"]) || isset($limits["steviol $species"]);
                // Monk fruit has no numerical guide: EFSA found the data too thin for one (recalled).
                self::assertSame($species !== 'mogroside-v', $known, $species);
            }
        }
    }

    public function testTheMostOfAnIngredientIsWhatReachesTheMaximum(): void
    {
        $sucralose = Kit::shelf()->get('sucralose');
        $most = SweetenerIntake::mostOf($sucralose->composition, Reference::standard());
        self::assertNotNull($most);
        // 400 mg/kg is 0.04 g per 100 g of the pure sweetener.
        self::assertEqualsWithDelta(0.04, $most * $sucralose->composition->of100('active.sucralose') / 1e5, 1e-6);
        self::assertNull(SweetenerIntake::mostOf(Kit::shelf()->get('erythritol')->composition, Reference::standard()), 'a guide is not a maximum');
        self::assertNull(SweetenerIntake::mostOf(Kit::shelf()->get('sugar')->composition, Reference::standard()));
    }

    public function testRoutesForTheEuStayUnderItsMaxima(): void
    {
        $brief = Brief::of([Diet::Keto], netCarbs: 20.0);
        $sweet = "family: curd\nportions: 6\nlayer: Curd\ntreat: cook to 82 C\n120 g lemon juice\n150 g egg\n300 g sugar\n80 g butter";
        $over = static fn(Engine $engine, \Transmuta\Formula\Formula $dish): array => array_map(
            static fn($route): array => SweetenerIntake::overMost($route->result, Reference::standard()),
            $engine->reformulate($dish, $brief),
        );
        foreach ([Kit::demo('cardamom-set-custard'), Kit::demo('bay-leaf-cream-slice'), Kit::engine()->parse($sweet)] as $dish) {
            $europe = $over(Engine::over(Kit::shelf(), schools: Schools::of(['market' => 'eu'])), $dish);
            self::assertSame(array_fill(0, \count($europe), []), $europe, $dish->title);
        }
        // The same curd by a heavy hand goes over: what was asked above can fail.
        $heavy = Kit::engine()->read(Kit::engine()->parse("layer: Curd\n400 g water\n0.6 g sucralose"));
        self::assertNotSame([], SweetenerIntake::overMost($heavy, Reference::standard()));
    }
}
