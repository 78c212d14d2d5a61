<?php

declare(strict_types=1);

namespace Transmuta\Tests\Formula;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Step;

/** The number a maker writes before a step. */
final class StepTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> words, their number, the words without it */
    public static function steps(): iterable
    {
        yield 'a full stop' => ['3. Fold in the cream.', '3. ', 'Fold in the cream.'];
        yield 'a bracket' => ['12) Chill.', '12) ', 'Chill.'];
        yield 'the word' => ['Step 2: Bake.', 'Step 2: ', 'Bake.'];
        yield 'none' => ['Fold in the cream.', '', 'Fold in the cream.'];
        yield 'an amount is no number of a step' => ['3.5 dl milk in.', '', '3.5 dl milk in.'];
        yield 'a number without a sign' => ['2 eggs in.', '', '2 eggs in.'];
        yield 'three digits' => ['180. Oven.', '', '180. Oven.'];
    }

    #[DataProvider('steps')]
    public function testANumberIsToldFromTheWords(string $text, string $number, string $words): void
    {
        self::assertSame($number, Step::number($text));
        self::assertSame($words, Step::unnumbered($text));
    }
}
