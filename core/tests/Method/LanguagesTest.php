<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Formula\Treatment;
use Transmuta\Method\Reading\Gloss;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Tests\Kit;

/**
 * Methods in five languages as kitchens write them (invented for this test), each act read by hand: what is done, what goes in, what it goes on from, and the maker's
 * own words of it, which stay in their language. The lines are named in that language too; what each is was chosen.
 */
final class LanguagesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (glob(__DIR__ . '/pages/languages/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [$file];
        }
    }

    #[DataProvider('pages')]
    public function testAMethodIsReadInItsOwnLanguage(string $file): void
    {
        [$lines, $steps] = explode("\n\n", trim((string) file_get_contents($file)));
        $layer = new Layer('Dish', array_map(static function (string $row): Line {
            [$text, $id, $grams] = explode(' | ', $row);

            return Line::of($id, (float) $grams, $text);
        }, explode("\n", $lines)), Treatment::none());
        $formula = Formula::of('T', [$layer], method: Step::all(explode("\n", $steps)));
        $method = (new MethodReader())->by(Kit::shelf(), $formula);
        self::assertSame(ActRows::kept($file), ActRows::of($formula, $method, true));
        self::assertSame([], $method->unread());
        foreach ($method->acts as $act) {
            self::assertStringContainsString(mb_strtolower(mb_substr($act->words, 0, 12)), mb_strtolower($steps), 'the words are the maker’s');
        }
    }

    public function testEnglishIsNotTakenForAnotherLanguage(): void
    {
        foreach (glob(__DIR__ . '/pages/read/*.txt') ?: [] as $file) {
            $formula = Kit::engine()->parse((string) file_get_contents($file));
            self::assertNull(Gloss::of(array_map(static fn(Step $step): string => $step->text, $formula->method)), $file);
        }
        self::assertNull(Gloss::of([]));
        self::assertNull(Gloss::of(['Bake.']));
        self::assertNotNull(Gloss::of(['Batir los huevos con el azúcar.']));
    }
}
