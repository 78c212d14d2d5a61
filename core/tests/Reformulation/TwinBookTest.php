<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Formula\Formula;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\PartsBook;
use Transmuta\Reformulation\Twin;
use Transmuta\Reformulation\TwinBook;
use Transmuta\Tests\Kit;

/** The whole shelf against every diet that bans a row: an allowed twin, or a reason in words; and the parts against the rows they make up. */
final class TwinBookTest extends TestCase
{
    /** Diets that are asked for by a ban; the others are numbers. */
    private const BY_BAN = [Diet::Vegan, Diet::Eggless, Diet::Vegetarian, Diet::DairyFree, Diet::GlutenFree, Diet::Keto, Diet::NutFree, Diet::SoyFree, Diet::AlcoholFree];

    /** @return iterable<string, array{Diet}> */
    public static function diets(): iterable
    {
        foreach (self::BY_BAN as $diet) {
            yield $diet->value => [$diet];
        }
    }

    #[DataProvider('diets')]
    public function testEveryRowThatADietBansHasAnAllowedTwinOrAReason(Diet $diet): void
    {
        $everything = Formula::of('Everything', [Kit::layer(['milk' => 1, 'egg' => 1, 'plain-flour' => 1, 'oats' => 1, 'hazelnut' => 1, 'peanut-butter' => 1, 'soy-milk' => 1, 'tahini' => 1, 'gelatin-powder' => 1, 'honey' => 1, 'rum' => 1, 'sugar' => 1])]);
        $permit = Planning::permit($everything, [$diet]);
        $book = new TwinBook(Kit::shelf(), $permit);
        $banned = 0;
        foreach (Kit::shelf()->all() as $in) {
            if (!DietRules::bans($diet, $in)) {
                continue;
            }
            ++$banned;
            $options = $book->of($in, TwinBook::names($diet), $in->group === 'base' ? 'base' : 'filling');
            self::assertNotSame([], $options, "$in->id ($in->class) has neither a twin nor a reason under $diet->value");
            foreach ($options as $twin) {
                if ($twin->isNone()) {
                    self::assertGreaterThan(20, \strlen($twin->note), "$in->id: a reason in a cook's words");
                    continue;
                }
                self::assertEqualsWithDelta(1.0, array_sum($twin->mix), 0.011, "$in->id, $diet->value");
                foreach (array_keys($twin->mix) as $id) {
                    self::assertFalse(DietRules::bans($diet, Kit::shelf()->get((string) $id)), "$in->id: $id under $diet->value");
                }
            }
        }
        self::assertGreaterThan(5, $banned);
    }

    public function testTheTableNamesOnlyWhatTheShelfHasAndSharesThatSumToOne(): void
    {
        $rows = 0;
        foreach (TwinBook::rows() as $class => $twins) {
            foreach ($twins as $twin) {
                ++$rows;
                foreach (array_keys($twin->mix) as $id) {
                    self::assertNotNull(Kit::shelf()->find((string) $id), "$class: $id");
                }
                foreach ($twin->helpers as $helper) {
                    foreach ([$helper, ...$helper['or']] as $one) {
                        self::assertNotNull(Kit::shelf()->find($one['id']), "$class: helper {$one['id']}");
                    }
                    $named = $helper['when']?->names();
                    self::assertTrue($named === null || Kit::shelf()->find($named) !== null, "$class: for $named");
                }
                if (!$twin->isNone()) {
                    self::assertEqualsWithDelta(1.0, array_sum($twin->mix), 0.011, "$class, $twin->diet, $twin->where");
                    self::assertGreaterThan(0.0, $twin->ratio, $class);
                    self::assertLessThan($twin->ratio, $twin->boilOff, "$class: no more boils off than is weighed in");
                }
            }
        }
        self::assertGreaterThan(1700, $rows);
    }

    public function testEveryRowOfTheShelfHasAClassThatTheTwinsKnow(): void
    {
        $known = array_fill_keys(array_map(static fn(array $row): string => explode('@', $row['class'])[0], Table::rows(\dirname(__DIR__, 2) . '/data/reformulation/twins.csv')), true);
        foreach (Kit::shelf()->all() as $in) {
            self::assertNotSame('', $in->class, "$in->id has no class");
            $banned = array_filter(self::BY_BAN, static fn(Diet $d): bool => DietRules::bans($d, $in));
            self::assertTrue($banned === [] || isset($known[$in->class]), "$in->id: class $in->class has no row of twins");
        }
    }

    public function testWhatADietBansInATwinIsReplacedInTurn(): void
    {
        $dish = Formula::of('Cheese', [Kit::layer(['cream-cheese' => 400, 'sugar' => 80, 'hazelnut' => 10, 'soy-milk' => 10])]);
        $both = new TwinBook(Kit::shelf(), Planning::permit($dish, [Diet::Vegan, Diet::NutFree]));
        $options = array_filter($both->of(Kit::shelf()->get('cream-cheese'), ['vegan', 'nut-free'], 'filling'), static fn(Twin $t): bool => !$t->isNone());
        self::assertNotSame([], $options);
        foreach ($options as $twin) {
            foreach (array_keys($twin->mix) as $id) {
                self::assertNotContains('nuts', Kit::shelf()->get((string) $id)->allergens);
                self::assertFalse(Kit::shelf()->get((string) $id)->comesFrom('dairy'));
            }
        }
    }

    /** Water, fat, sugars and protein of the parts against those of the whole, g per 100 g. */
    public function testThePartsMakeUpTheirWhole(): void
    {
        foreach (PartsBook::all() as $id => $parts) {
            $whole = Kit::shelf()->get($id)->composition;
            $sum = array_fill_keys(['water', 'fat.', 'sugar.', 'protein.'], 0.0);
            $shares = 0.0;
            foreach ($parts as $part) {
                $of = Kit::shelf()->get($part['id'])->composition;
                $shares += $part['share'];
                foreach (array_keys($sum) as $what) {
                    $sum[$what] += $part['share'] * ($what === 'water' ? $of->of100('water') : $of->family($what));
                }
            }
            self::assertEqualsWithDelta(1.0, $shares, 0.012, "$id: shares");
            foreach ($sum as $what => $grams) {
                $was = $what === 'water' ? $whole->of100('water') : $whole->family($what);
                self::assertEqualsWithDelta($was, $grams, 4.0, "$id: $what");
            }
        }
    }

    public function testEveryMeansAndEveryCeilingNamesWhatIsThere(): void
    {
        $dir = \dirname(__DIR__, 2) . '/data/reformulation/';
        $classes = array_fill_keys(array_map(static fn($in): string => $in->class, Kit::shelf()->all()), true);
        foreach (Table::rows($dir . 'means.csv') as $row) {
            self::assertNotNull(Kit::shelf()->find($row['ingredient']), $row['ingredient']);
            self::assertNotNull(\Transmuta\Reformulation\Job::tryFrom($row['job']), $row['job']);
            self::assertLessThanOrEqual((float) $row['most'], (float) $row['typical'], $row['ingredient']);
            self::assertLessThan((float) $row['typical'], (float) $row['least_useful'], $row['ingredient']);
        }
        foreach ([...Table::rows($dir . 'pleasant.csv'), ...Table::rows($dir . 'handling.csv')] as $row) {
            $key = $row['key'];
            self::assertTrue(str_starts_with($key, 'sum:') || (str_starts_with($key, 'class:') ? isset($classes[substr($key, 6)]) : Kit::shelf()->find($key) !== null), $key);
        }
    }
}
