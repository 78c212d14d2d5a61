<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\DishReading;
use Transmuta\Property\Setting\Chances;
use Transmuta\Property\Setting\SetReading;
use Transmuta\Property\Setting\Strengths;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

/** What a kitchen's own trials do to a reading, once somebody took them over. */
final class StrengthsTest extends TestCase
{
    private static function strengths(): Strengths
    {
        return Strengths::read(['gelatin' => ['factor' => 0.8, 'low' => 0.7, 'high' => 0.9]], Reference::standard());
    }

    private static function jelly(?Strengths $strengths, string $agent = '8 g gold gelatin'): DishReading
    {
        $engine = Engine::over(Kit::shelf(), strengths: $strengths);

        return $engine->read($engine->parse("Jelly\n4 portions\n500 g water\n80 g sugar\n$agent"));
    }

    public function testAFactorMovesItsMechanismAndNoOther(): void
    {
        $shipped = self::jelly(null)->layers[0]->set;
        $own = self::jelly(self::strengths())->layers[0]->set;
        self::assertEqualsWithDelta(0.8 * $shipped->ge, $own->ge, 1e-9);
        self::assertSame(['gelatin' => 0.8], $own->strengths->used($own->mechanisms));
        $agar = self::jelly(self::strengths(), '3 g agar powder')->layers[0]->set;
        self::assertEqualsWithDelta(self::jelly(null, '3 g agar powder')->layers[0]->set->ge, $agar->ge, 1e-9);
        self::assertSame([], $agar->strengths->used($agar->mechanisms));
    }

    public function testABandNarrowsWithWhatIsKnown(): void
    {
        $shipped = SetReading::of(['gelatin' => 1.4], 'gel');
        $own = SetReading::of(['gelatin' => 1.4], 'gel', self::strengths());
        self::assertLessThan($shipped->high - $shipped->low, $own->high - $own->low);
        self::assertLessThan(Chances::spread($shipped), Chances::spread($own));
        self::assertGreaterThan(max(Chances::of($shipped)), max(Chances::of($own)));
        // What nobody knows more of keeps a step either way.
        self::assertEqualsWithDelta(SetReading::of(['agar' => 1.4], 'gel')->high, SetReading::of(['agar' => 1.4], 'gel', self::strengths())->high, 1e-9);
        self::assertEqualsWithDelta(1.0, Chances::near($own, 1.4), 0.02);
        self::assertLessThan(0.05, Chances::near($own, 4.0));
    }

    public function testTheReasonOfANumberNamesTheFactor(): void
    {
        $engine = Engine::over(Kit::shelf(), strengths: self::strengths());
        $formula = $engine->parse("Jelly\n4 portions\n500 g water\n80 g sugar\n8 g gold gelatin");
        self::assertStringContainsString('this kitchen', (string) json_encode($engine->explain($formula, 'layers.0.set.gelatin')));
        self::assertStringNotContainsString('this kitchen', (string) json_encode(Kit::engine()->explain($formula, 'layers.0.set.gelatin')));
    }

    /** @return iterable<string, array{array<array-key, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'no mechanism' => [['moonlight' => ['factor' => 1.1, 'low' => 1.0, 'high' => 1.2]]];
        yield 'outside its interval' => [['agar' => ['factor' => 1.3, 'low' => 1.0, 'high' => 1.2]]];
        yield 'below nothing' => [['agar' => ['factor' => 0.5, 'low' => -0.1, 'high' => 1.2]]];
        yield 'too far' => [['agar' => ['factor' => 4.0, 'low' => 2.0, 'high' => 5.1]]];
        yield 'no figures' => [['agar' => 'strong']];
    }

    /** @param array<array-key, mixed> $of */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsRefusedWithItsPlace(array $of): void
    {
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessageMatches('/moonlight|agar/');
        Strengths::read($of, Reference::standard());
    }

    public function testASmallDoseAndAnotherPacketMakeItLessSure(): void
    {
        $small = Kit::engine()->read(Kit::engine()->parse("Jelly\n4 portions\ntreat: boil\n100 g water\n16 g sugar\n0.4 g agar powder"))->layers[0]->set;
        $large = Kit::engine()->read(Kit::engine()->parse("Jelly\n4 portions\ntreat: boil\n2500 g water\n400 g sugar\n10 g agar powder"))->layers[0]->set;
        self::assertEqualsWithDelta($small->ge, $large->ge, 0.02);
        self::assertEqualsWithDelta(0.125, $small->unsure['agar'], 0.001, '0.05 g of 0.4');
        self::assertEqualsWithDelta(0.005, $large->unsure['agar'], 0.001);
        self::assertGreaterThan(Chances::spread($large), Chances::spread($small));
        // From packet to packet only where the kitchen's own factor leaves nothing else unsaid.
        self::assertSame(0.0, Strengths::none()->packet('gelatin'));
        self::assertSame(0.05, self::strengths()->packet('gelatin'));
        self::assertSame(0.0, self::strengths()->packet('agar'));
        self::assertGreaterThanOrEqual(0.05, self::jelly(self::strengths())->layers[0]->set->unsure['gelatin']);
    }
}
