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
        yield 'what it was done in' => ['Fry nuts and raisins in ghee and add.', 'ghee', 'Fry nuts and raisins and add.'];
        yield 'not there' => ['Whisk the cream.', 'yolk', 'Whisk the cream.'];
    }

    #[DataProvider('lists')]
    public function testAThingIsTakenOutOfItsList(string $words, string $phrase, string $left): void
    {
        self::assertSame($left, (new Wording(new Spelling()))->without($words, $phrase));
    }

    public function testAThingIsTakenOutInItsLanguage(): void
    {
        $without = static fn(string $lang, string $words, string $phrase): string => (new Wording(new Spelling(), $lang))->without($words, implode(' ', (new Spelling())->words($phrase)));
        self::assertSame('Mehl, Butter und Salz verkneten.', $without('de', 'Mehl, Butter, Ei und Salz verkneten.', 'Ei'));
        self::assertSame('Batir el azúcar.', $without('es', 'Batir las yemas con el azúcar.', 'yemas'));
        self::assertSame('Fouetter le sucre.', $without('fr', 'Fouetter les jaunes avec le sucre.', 'jaunes'));
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

    /** @return iterable<string, array{string, string, string, string, string}> language, words, what is replaced, by what, what they are then */
    public static function articles(): iterable
    {
        yield 'Spanish' => ['es', 'Batir las yemas con el azúcar.', 'azucar', 'eritritol', 'Batir las yemas con eritritol.'];
        yield 'Spanish, held in a preposition' => ['es', 'Añadir la mitad del azúcar.', 'azucar', 'eritritol', 'Añadir la mitad de eritritol.'];
        yield 'Spanish, of the same word' => ['es', 'Calentar la leche.', 'leche', 'leche de coco', 'Calentar la leche de coco.'];
        yield 'French' => ['fr', 'Fouetter avec le sucre.', 'sucre', 'érythritol', 'Fouetter avec érythritol.'];
        yield 'French, held' => ['fr', 'Ajouter la moitié du sucre.', 'sucre', 'érythritol', 'Ajouter la moitié de érythritol.'];
        yield 'Italian' => ['it', 'Scaldare la panna con lo zucchero.', 'zucchero', 'eritritolo', 'Scaldare la panna con eritritolo.'];
        yield 'Italian, held' => ['it', 'Versare nella panna.', 'panna', 'latte di soia', 'Versare in latte di soia.'];
        yield 'German' => ['de', 'Mit dem Zucker schlagen.', 'zucker', 'Erythrit', 'Mit Erythrit schlagen.'];
        yield 'English keeps its own' => ['', 'Whisk with the sugar.', 'sugar', 'erythritol', 'Whisk with the erythritol.'];
    }

    #[DataProvider('articles')]
    public function testAnArticleGoesWithTheNameItAgreesWith(string $lang, string $words, string $phrase, string $by, string $now): void
    {
        $spelling = new Spelling();
        self::assertSame($now, (new Wording($spelling, $lang === '' ? null : $lang))->exchanged($words, implode(' ', $spelling->words($phrase)), [$by]));
    }

    /** "Ice cream" to serve is no cream of the dish. */
    public function testNamesOfOtherThingsAreLeftAlone(): void
    {
        self::assertSame('Pour over, serve with ice cream.', (new Wording(new Spelling()))->exchanged('Pour over, serve with ice cream.', 'cream', ['coconut cream']));
    }
}
