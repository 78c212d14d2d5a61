<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Formula\Formula;
use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Substitution\DietRows;
use Transmuta\Reformulation\Substitution\PartsBook;
use Transmuta\Reformulation\Substitution\Substitutes;
use Transmuta\Reformulation\Substitution\Substitution;
use Transmuta\Reformulation\Substitution\SubstitutionTable;
use Transmuta\Tests\Kit;

/** The whole shelf against every diet that bans a row: an allowed twin, or a reason in words; and the parts against the rows they make up. */
final class SubstitutesTest extends TestCase
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
        $book = new Substitutes(Kit::shelf(), $permit, SubstitutionTable::standard());
        $banned = 0;
        foreach (Kit::shelf()->all() as $in) {
            if (!DietRules::bans($diet, $in)) {
                continue;
            }
            ++$banned;
            $options = $book->of($in, DietRows::of($diet), $in->group === 'base' ? 'base' : 'filling');
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
        foreach (SubstitutionTable::standard()->all() as $class => $all) {
            foreach ($all as $row) {
                ++$rows;
                foreach ([...array_keys($row->mix), ...$row->only] as $id) {
                    self::assertNotNull(Kit::shelf()->find((string) $id), "$row->id: $id");
                }
                foreach ($row->only as $id) {
                    self::assertSame($class, Kit::shelf()->get($id)->class, "$row->id is for some of its own class");
                }
                foreach ($row->helpers as $helper) {
                    foreach ([$helper, ...$helper->alternatives] as $one) {
                        self::assertNotNull(Kit::shelf()->find($one->ingredient), "$row->id: helper $one->ingredient");
                    }
                    $named = $helper->condition?->names();
                    self::assertTrue($named === null || Kit::shelf()->find($named) !== null, "$row->id: for $named");
                }
                if (!$row->isNone()) {
                    self::assertEqualsWithDelta(1.0, array_sum($row->mix), 0.011, $row->id);
                    self::assertGreaterThan(0.0, $row->ratio, $row->id);
                    self::assertLessThan($row->ratio, $row->boilOff, "$row->id: no more boils off than is weighed in");
                }
            }
        }
        self::assertGreaterThan(1300, $rows);
    }

    /** What differs in nothing but its diet is one row: a change of it cannot miss its double. */
    public function testNoRowRepeatsAnother(): void
    {
        $seen = [];
        foreach (SubstitutionTable::standard()->all() as $class => $all) {
            foreach ($all as $row) {
                $key = json_encode([$class, $row->place, $row->mix, $row->ratio, $row->helpers, $row->boilOff, $row->words, $row->note, $row->only], \JSON_THROW_ON_ERROR);
                self::assertArrayNotHasKey($key, $seen, "$row->id repeats " . ($seen[$key] ?? ''));
                $seen[$key] = $row->id;
            }
        }
    }

    /** A new substitution is a row of data and nothing else. */
    public function testARowOfDataIsASubstitution(): void
    {
        $row = ['id' => 'milk.any.water', 'class' => 'milk', 'only' => '', 'diets' => 'vegan', 'place' => 'any', 'ratio' => '0.9', 'boil_off' => '', 'baked' => '', 'words' => 'stir it in', 'note' => 'thin', 'mark' => 'trade', 'source' => 'x'];
        $part = ['substitution' => 'milk.any.water', 'ingredient' => 'water', 'share' => '1'];
        $helper = ['substitution' => 'milk.any.water', 'helper' => '1', 'choice' => '1', 'ingredient' => 'sunflower-oil', 'dose' => '0.03', 'basis' => 'substitute', 'condition' => 'fat>3'];
        $permit = Planning::permit(Formula::of('Milk', [Kit::layer(['milk' => 400, 'skimmed-milk' => 100])]), [Diet::Vegan]);
        $of = static fn(SubstitutionTable $table): Substitutes => new Substitutes(Kit::shelf(), $permit, $table);
        $found = $of(SubstitutionTable::of([$row], [$part], [$helper]))->of(Kit::shelf()->get('milk'), ['vegan'], 'filling');
        self::assertSame(['water' => 1.0], $found[0]->mix);
        self::assertSame([0.9, 'stir it in', 'sunflower-oil'], [$found[0]->ratio, $found[0]->words, $found[0]->helpers[0]->ingredient]);
        self::assertSame([], $of(SubstitutionTable::of([$row], [$part], [$helper]))->of(Kit::shelf()->get('skimmed-milk'), ['vegan'], 'filling')[0]->helpers ?? [], 'fat under 3 % needs none');
        self::assertSame([], $of(SubstitutionTable::of([$row], [$part], []))->of(Kit::shelf()->get('milk'), ['keto'], 'filling'), 'of another diet it is none');
        // A cell is taken whole or refused.
        /** @var list<array{array<string, string>, array<string, string>, array<string, string>}> $wrong */
        $wrong = [[['ratio' => '0.9 or so'], [], []], [[], ['share' => 'half'], []], [[], [], ['dose' => '3 g']], [[], [], ['basis' => 'twin']], [[], [], ['condition' => 'on Sundays']], [[], ['substitution' => 'of no row'], []]];
        foreach ($wrong as [$r, $p, $h]) {
            try {
                SubstitutionTable::of([array_merge($row, $r)], [array_merge($part, $p)], [array_merge($helper, $h)]);
                self::fail(json_encode([$r, $p, $h], \JSON_THROW_ON_ERROR) . ' came in');
            } catch (BrokenTable $broken) {
                self::assertStringContainsString('substitution', $broken->getMessage());
            }
        }
    }

    public function testEveryRowOfTheShelfHasAClassThatTheTableKnows(): void
    {
        foreach (Kit::shelf()->all() as $in) {
            self::assertNotSame('', $in->class, "$in->id has no class");
            $banned = array_filter(self::BY_BAN, static fn(Diet $d): bool => DietRules::bans($d, $in));
            self::assertTrue($banned === [] || SubstitutionTable::standard()->for($in->class) !== [], "$in->id: class $in->class has no substitution");
        }
        foreach (Diet::cases() as $diet) {
            self::assertNotSame([], DietRows::of($diet));
        }
    }

    public function testWhatADietBansInATwinIsReplacedInTurn(): void
    {
        $dish = Formula::of('Cheese', [Kit::layer(['cream-cheese' => 400, 'sugar' => 80, 'hazelnut' => 10, 'soy-milk' => 10])]);
        $both = new Substitutes(Kit::shelf(), Planning::permit($dish, [Diet::Vegan, Diet::NutFree]), SubstitutionTable::standard());
        $options = array_filter($both->of(Kit::shelf()->get('cream-cheese'), ['vegan', 'nut-free'], 'filling'), static fn(Substitution $t): bool => !$t->isNone());
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
        $classes = array_fill_keys(array_map(static fn($in): string => $in->class, Kit::shelf()->all()), true);
        foreach (Table::of('reformulation/means') as $row) {
            self::assertNotNull(Kit::shelf()->find($row['ingredient']), $row['ingredient']);
            self::assertNotNull(\Transmuta\Reformulation\Deviation\Job::tryFrom($row['job']), $row['job']);
            self::assertLessThanOrEqual((float) $row['most'], (float) $row['typical'], $row['ingredient']);
            self::assertLessThan((float) $row['typical'], (float) $row['least_useful'], $row['ingredient']);
        }
        foreach ([...Table::of('reformulation/pleasant'), ...Table::of('reformulation/handling')] as $row) {
            $key = $row['key'];
            self::assertTrue(str_starts_with($key, 'sum:') || (str_starts_with($key, 'class:') ? isset($classes[substr($key, 6)]) : Kit::shelf()->find($key) !== null), $key);
        }
    }
}
