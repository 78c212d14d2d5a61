<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Setting\Ripening;
use Transmuta\Tests\Kit;
use Transmuta\Trace\UnknownNumber;

final class RipeningTest extends TestCase
{
    private const JELLY = "title: Jelly\nfamily: cream\nportions: 6\nserve at: 5 C\n\nlayer: Jelly\ntreat: melt\ntin: glass 150 ml\n700 g apple juice\n60 g sugar\n%s";

    /** @return iterable<string, array{float, float}> common practice: full only after 6–16 h cold, rising about with log time (practice: setting) */
    public static function hours(): iterable
    {
        yield 'not cold yet' => [-1.0, 0.0];
        yield 'just cold' => [0.0, 0.0];
        yield 'half an hour' => [0.5, 0.3];
        yield 'an hour' => [1.0, 0.6];
        yield 'half the logarithm' => [4.0, 0.8];
        yield 'a night' => [16.0, 1.0];
        yield 'two nights' => [40.0, 1.0];
    }

    #[DataProvider('hours')]
    public function testTheSetGrowsWithTheLogarithmOfTime(float $hours, float $share): void
    {
        self::assertEqualsWithDelta($share, Ripening::share($hours, 0.6, 16.0), 1e-9);
    }

    public function testAJellyFirmsThroughTheNightToItsFullSet(): void
    {
        $reading = Kit::engine()->read(Kit::engine()->parse(\sprintf(self::JELLY, '12 g gelatin powder')));
        $ripening = $reading->stack->ripening[0];
        self::assertNotNull($ripening);
        $ge = array_column($ripening->marks, 'ge');
        self::assertLessThan($ge[1], $ge[0]);
        self::assertLessThan($ge[2], $ge[1]);
        self::assertGreaterThan(0.75 * $ge[2], $ge[1], 'six hours in a glass is most of it');
        self::assertLessThanOrEqual($reading->layers[0]->set->ge + 1e-9, $ge[2]);
        $why = Kit::engine()->explain($reading->formula, 'layers.0.ripening');
        self::assertEqualsWithDelta($ge[2], $why->value, 1e-6);
    }

    public function testWhatSetsOtherwiseIsAsFirmAsItGetsOnceCold(): void
    {
        $formula = Kit::engine()->parse(\sprintf(self::JELLY, '5 g agar powder, boiled'));
        self::assertNull(Kit::engine()->read($formula)->stack->ripening[0]);
        $this->expectException(UnknownNumber::class);
        Kit::engine()->explain($formula, 'layers.0.ripening');
    }
}
