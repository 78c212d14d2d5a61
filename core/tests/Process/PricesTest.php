<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Process\Costing\CostChange;
use Transmuta\Process\Costing\Costing;
use Transmuta\Process\Costing\Prices;
use Transmuta\Process\Costing\Rates;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Shopping\Article;
use Transmuta\Process\Shopping\Wholes;
use Transmuta\Tests\Kit;

/** Prices of a day, why a dish costs more than it did, and what is left of a price. */
final class PricesTest extends TestCase
{
    /** @return array{supplier: string, dated_on: string, articles: list<Article>} */
    private static function list(string $supplier, string $day, Article ...$articles): array
    {
        return ['supplier' => $supplier, 'dated_on' => $day, 'articles' => array_values($articles)];
    }

    private static function pack(string $ingredient, float $grams, int $minor): Article
    {
        return new Article('x', $ingredient, "$grams g of $ingredient", $grams, $minor);
    }

    public function testOfEachSupplierTheLatestThatWasThereThenCountsAndTheCheapestByMass(): void
    {
        $lists = [
            self::list('Pier', '2026-09-01', self::pack('butter', 250, 250)),
            self::list('Pier', '2026-10-01', self::pack('butter', 250, 300), self::pack('butter', 1000, 1100)),
            self::list('Moor', '2026-09-15', self::pack('butter', 500, 575)),
            self::list('Moor', '2026-12-01', self::pack('butter', 500, 100)),
        ];
        self::assertNull(Prices::of($lists, '2026-08-31')->at('butter'));
        self::assertSame([1000.0, 'Pier'], [Prices::of($lists, '2026-09-01')->at('butter')['minor_per_kg'] ?? 0.0, Prices::of($lists, '2026-09-01')->at('butter')['supplier'] ?? '']);
        // From October the older list of Pier is past; its kilo is cheaper than Moor's pound.
        self::assertSame([1100.0, 'Pier', '2026-10-01'], array_values(array_intersect_key(Prices::of($lists, '2026-11-30')->at('butter') ?? [], ['minor_per_kg' => 1, 'supplier' => 1, 'dated_on' => 1])));
        self::assertSame(200.0, Prices::of($lists, '2026-12-01')->at('butter')['minor_per_kg'] ?? 0.0);
        self::assertNull(Prices::none()->at('butter'));
    }

    /** By hand: 100 g of butter, 100 g of sugar, nothing heated; butter from 10 to 12 a kilo is 20 minor units of a batch. */
    public function testWhyItCostsMoreIsToldByWhatIsInIt(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("title: Rub\nportions: 2\n100 g butter\n100 g sugar"));
        $costing = Costing::at(Making::standard(), 0.0, 0.0);
        $at = static fn(int $butter, int $sugar): Prices => Prices::of([self::list('Pier', '2026-10-01', self::pack('butter', 1000, $butter), self::pack('sugar', 1000, $sugar))], '2026-10-01');
        [$before, $now] = [$costing->of($dish, $at(1000, 200)), $costing->of($dish, $at(1200, 200))];
        self::assertSame([120, 60, 140, 70], [$before->batch(), $before->portion(), $now->batch(), $now->portion()]);
        $change = CostChange::of($before, $now);
        self::assertSame([20, 'butter', 20], [$change['minor'], $change['because'][0]['ingredient'], $change['because'][0]['minor']]);
        self::assertEqualsWithDelta(100 * 20 / 120, $change['percent'] ?? 0.0, 1e-9);
        self::assertCount(1, $change['because'], 'what kept its price is no reason');
        self::assertSame([], CostChange::of($now, $now)['because']);
        // Dearer and cheaper at once: the larger first, whichever way.
        $both = CostChange::of($before, $costing->of($dish, $at(900, 600)));
        self::assertSame([30, ['sugar', 'butter']], [$both['minor'], array_column($both['because'], 'ingredient')]);
    }

    /** What is bought whole is paid whole: juice by lemons. The sums stand whoever's price it is. */
    public function testWhatIsBoughtWholeIsPaidWhole(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("title: Squeeze\nportions: 1\n100 g lemon juice"));
        $cost = Costing::at(Making::standard(), 0.0, 0.0)->of($dish, Prices::of([self::list('Pier', '2026-10-01', self::pack(Wholes::standard()->key('lemons') ?? '', 1000, 300))], '2026-10-01'));
        self::assertGreaterThan(200.0, $cost->lines[0]->bought);
        self::assertSame((int) round(0.3 * $cost->lines[0]->bought), $cost->lines[0]->minor);
        self::assertSame('Pier', $cost->lines[0]->by['supplier'] ?? '');
        self::assertSame([], $cost->unpriced);
    }

    public function testWhatIsLeftOfAPriceIsWithoutItsTax(): void
    {
        $rates = Rates::read(['labour' => 2000, 'tax_word' => ' VAT ', 'tax_percent' => 20]);
        self::assertSame(['VAT', 1000], [$rates->taxWord, $rates->withoutTax(1200)]);
        self::assertSame(1200, Rates::read([])->withoutTax(1200));
        self::assertSame(Rates::read($rates->write())->write(), $rates->write());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'below nothing' => [['labour' => -1], 'labour'];
        yield 'no whole unit' => [['energy' => 1.5], 'energy'];
        yield 'a text' => [['packaging' => 'cheap'], 'packaging'];
        yield 'too much tax' => [['tax_percent' => 60.1], 'tax_percent'];
        yield 'a long word' => [['tax_word' => str_repeat('x', 21)], 'tax_word'];
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('wrong')]
    public function testWhatCannotBeMeantIsRefusedByItsPlace(array $data, string $field): void
    {
        try {
            Rates::read($data);
            self::fail('not refused');
        } catch (Nonsense $nonsense) {
            self::assertSame($field, $nonsense->field);
        }
    }
}
