<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Reformulation\Brief\Market;
use Transmuta\Tests\Kit;

final class MarketTest extends TestCase
{
    /** @return iterable<string, array{Market, string, bool}> practice: sweeteners, from memory */
    public static function standings(): iterable
    {
        foreach (['allulose', 'monk-fruit-extract'] as $id) {
            yield "$id in the EU" => [Market::Eu, $id, false];
            yield "$id in the UK" => [Market::Uk, $id, false];
            yield "$id in the US" => [Market::Us, $id, true];
            yield "$id elsewhere" => [Market::Other, $id, true];
        }
        yield 'stevia in the EU' => [Market::Eu, 'stevia-rebaudioside-a', true];
        yield 'sucralose in the UK' => [Market::Uk, 'sucralose', true];
        yield 'erythritol in the EU' => [Market::Eu, 'erythritol', true];
    }

    #[DataProvider('standings')]
    public function testWhatAMarketAllows(Market $market, string $ingredient, bool $allows): void
    {
        self::assertNotNull(Kit::shelf()->find($ingredient));
        self::assertSame($allows, $market->allows($ingredient));
    }

    public function testOnlyEuropeSetsMaximaAndEveryMarketHasWords(): void
    {
        self::assertSame([Market::Eu, Market::Uk, Market::India], array_values(array_filter(Market::cases(), static fn(Market $m): bool => $m->limitsSweeteners())));
        self::assertCount(\count(Market::cases()), array_unique(array_map(static fn(Market $m): string => $m->words(), Market::cases())));
    }
}
