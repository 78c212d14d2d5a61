<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trial;

use PHPUnit\Framework\TestCase;
use Transmuta\Tests\Kit;
use Transmuta\Trial\Prediction;

final class PredictionTest extends TestCase
{
    public function testForetellsTheHeaviestLayerThatIsNotABase(): void
    {
        $prediction = Prediction::of(Kit::engine()->read(Kit::demo('blackcurrant-baked-cheesecake')))->toArray();
        self::assertSame('Cheese filling', $prediction['layer']);
        self::assertSame('clean slice', $prediction['step']);
        self::assertSame(5, $prediction['step_index']);
    }

    public function testABaseAloneHasWordsAndNoStep(): void
    {
        $prediction = Prediction::of(Kit::engine()->read(Kit::engine()->parse("100 g biscuits\n50 g butter")))->toArray();
        self::assertNull($prediction['step_index']);
        self::assertSame('firm', $prediction['step']);
    }
}
