<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Process\Words\Measures;
use Transmuta\Tests\Kit;

/** What is weighed, said in a kitchen's own measures. */
final class MeasuresTest extends TestCase
{
    private const OWN = [['name' => 'Ladle', 'ml' => 120], ['name' => 'spoon', 'ml' => 15], ['name' => 'pail', 'ml' => 2000]];

    /** @return iterable<string, array{float, ?string}> ml of water, what is said of it */
    public static function amounts(): iterable
    {
        yield 'two ladles' => [240.0, '2 ladles'];
        yield 'one' => [120.0, '1 ladle'];
        yield 'a quarter' => [30.0, '¼ ladle'];
        yield 'and a half' => [180.0, '1½ ladles'];
        // 5 % off is near enough, more is not.
        yield 'near enough' => [240.0 * 1.049, '2 ladles'];
        yield 'spoons where no ladle fits' => [15.0, '1 spoon'];
        yield 'half a pail' => [1000.0, '½ pail'];
        yield 'less than anything' => [1.0, null];
        yield 'nothing' => [0.0, null];
    }

    #[DataProvider('amounts')]
    public function testAnAmountOfWater(float $ml, ?string $said): void
    {
        $water = Kit::shelf()->get('water');
        self::assertSame($said, Measures::read(self::OWN)->of($ml * (float) $water->density(), $water));
    }

    public function testWhatIsSaidIsWithinATwentiethOfWhatIsWeighed(): void
    {
        $measures = Measures::read(self::OWN);
        $water = Kit::shelf()->get('water');
        $count = 0;
        for ($grams = 5.0; $grams < 6000.0; $grams *= 1.013) {
            $said = $measures->of($grams, $water);
            if ($said === null) {
                continue;
            }
            ++$count;
            if (preg_match('/^(\d*)([¼½¾]?) (\w+?)s?$/u', $said, $m) !== 1) {
                self::fail($said);
            }
            $of = (float) $m[1] + ['' => 0.0, '¼' => 0.25, '½' => 0.5, '¾' => 0.75][$m[2]];
            self::assertEqualsWithDelta(1.0, $of * ['ladle' => 120, 'spoon' => 15, 'pail' => 2000][$m[3]] * (float) $water->density() / $grams, 0.0501, $said);
        }
        self::assertGreaterThan(200, $count);
    }

    /** @return iterable<string, array{array<array-key, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'no name' => [[['name' => ' ', 'ml' => 5]], 'measures.0.name'];
        yield 'a figure in it' => [[['name' => '1 cup', 'ml' => 5]], 'measures.0.name'];
        yield 'no size' => [[['name' => 'cup']], 'measures.0.ml'];
        yield 'too small' => [[['name' => 'cup', 'ml' => 0.4]], 'measures.0.ml'];
        yield 'twice' => [[['name' => 'cup', 'ml' => 5], ['name' => 'Cup', 'ml' => 6]], 'measures.1.name'];
        yield 'too many' => [array_fill(0, 13, ['name' => 'cup', 'ml' => 5]), 'measures'];
    }

    /** @param array<array-key, mixed> $list */
    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantNamesThePlace(array $list, string $field): void
    {
        try {
            Measures::read($list);
            self::fail('it was taken');
        } catch (Nonsense $e) {
            self::assertSame($field, $e->field);
        }
    }
}
