<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Intake\Spelling;
use Transmuta\Method\Editing\Wording;

/** Words of a maker's sentence from which something is taken out: what stays is their own. */
final class WordingTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> words, what leaves as the reader spells it, what stays */
    public static function lists(): iterable
    {
        yield 'first of a list' => ['Whisk the yolks, sugar and salt.', 'yolk', 'Whisk sugar and salt.'];
        yield 'last with and' => ['Heat the milk and the cream.', 'cream', 'Heat the milk.'];
        yield 'with' => ['Whisk the yolks with the sugar.', 'yolk', 'Whisk the sugar.'];
        yield 'counted' => ['Whisk 4 yolks with the sugar.', 'yolk', 'Whisk the sugar.'];
        yield 'slashes' => ['Whisk yolks/sugar/salt.', 'yolk', 'Whisk sugar/salt.'];
        yield 'in the middle of slashes' => ['Whisk sugar/yolks/salt.', 'yolk', 'Whisk sugar/salt.'];
        yield 'then' => ['Fold in the chocolate, then the whites.', 'white', 'Fold in the chocolate.'];
        yield 'what was said of it alone' => ['Whip the cream, adding sugar in three goes, to soft peaks.', 'sugar', 'Whip the cream, to soft peaks.'];
        yield 'and of another thing too' => ['Whip the cream, adding sugar with the vanilla.', 'sugar', 'Whip the cream, adding the vanilla.'];
        yield 'alone: nothing is left to say' => ['Whisk the yolks.', 'yolk', 'Whisk the yolks.'];
        yield 'not there' => ['Whisk the cream.', 'yolk', 'Whisk the cream.'];
    }

    #[DataProvider('lists')]
    public function testAThingIsTakenOutOfItsList(string $words, string $phrase, string $left): void
    {
        self::assertSame($left, (new Wording(new Spelling()))->without($words, $phrase));
    }

    /** @return iterable<string, array{string, string, list<string>, string}> words, what is replaced, by what, what they are then */
    public static function exchanges(): iterable
    {
        yield 'what is done next is no list' => ['Crush the biscuits, stir in the butter.', 'biscuit', ['seeds', 'sugar'], 'Crush the seeds and sugar, stir in the butter.'];
        yield 'a list goes on with commas' => ['Heat the milk, cream and sugar.', 'milk', ['oat drink', 'water'], 'Heat the oat drink, water, cream and sugar.'];
        yield 'a thing that is a verb too' => ['Rub the flour, butter and sugar.', 'flour', ['almonds', 'seeds'], 'Rub the almonds, seeds, butter and sugar.'];
        yield 'one for one' => ['Whip the cream.', 'cream', ['coconut cream'], 'Whip the coconut cream.'];
    }

    /** @param list<string> $by */
    #[DataProvider('exchanges')]
    public function testAThingIsExchanged(string $words, string $phrase, array $by, string $now): void
    {
        self::assertSame($now, (new Wording(new Spelling()))->exchanged($words, $phrase, $by));
    }
}
