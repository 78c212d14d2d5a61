<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Column;
use Transmuta\Reference\Energy;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Practice;
use Transmuta\Reference\Schema;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Substitution\SubstitutionTable;
use Transmuta\Tests\OtherTables;

/** Every cell of every table is what its column says, to its last character; every source leads somewhere. */
final class SchemaTest extends TestCase
{
    public function testEveryCellIsOfItsColumn(): void
    {
        self::assertSame([], Schema::standard()->faults());
    }

    /** @return iterable<string, array{string, list<string>, list<string>}> kind, cells it takes, cells it refuses */
    public static function kinds(): iterable
    {
        yield 'number within' => ['number 0..100', ['0', '100', '12.5', '3.4e+01'], ['-0.1', '100.1', '', '12.', '.5', '1,5', '12 g', 'x']];
        yield 'number from' => ['number 0..', ['0', '70000'], ['-1']];
        yield 'whole' => ['whole 1..', ['1', '20'], ['0', '1.5', '']];
        yield 'may be empty' => ['number? 0..1', ['', '0.5'], ['2']];
        yield 'one of' => ['one of mass|volume', ['mass'], ['Mass', 'mass volume', '']];
        yield 'one of, or none' => ['one of yes?', ['', 'yes'], ['no']];
        yield 'ingredient' => ['ingredient', ['agar'], ['agar ', 'moon dust', '']];
        yield 'ingredient or class' => ['ingredient or class', ['agar', 'jam'], ['x']];
        yield 'list' => ['list of ingredient by space', ['agar', 'agar gellan'], ['agar, gellan', 'agar  gellan', '']];
        yield 'list by bar' => ['list of words by |', ['a|b c'], ['', 'a||b']];
        yield 'pairs' => ['pairs by space?', ['', 'casein:2.6 whey:0.6'], ['casein', 'casein:x', 'casein:.6', 'casein:2.6 and whey:0.6']];
        yield 'selector' => ['selector', ['class:jam', '@fruit', 'agar'], ['kind:jam', 'class:']];
        yield 'condition' => ['condition?', ['', 'fat>5', '!fat<3&in_egg>0;ph<4.6'], ['fat', 'fat > 5', 'fat>5&', 'fat>five']];
        yield 'pattern' => ['pattern', ['eggs?'], ['(', '']];
        yield 'name' => ['name', ['milk.any.soy-milk'], ['Milk', 'a b']];
        yield 'words' => ['words', ['any thing'], ['', '  ']];
    }

    /**
     * @param list<string> $takes
     * @param list<string> $refuses
     */
    #[DataProvider('kinds')]
    public function testAKindOfCellTakesWhatItIsAndNothingElse(string $holds, array $takes, array $refuses): void
    {
        $column = Column::read(['table' => 't', 'column' => 'c', 'holds' => $holds, 'unit' => '', 'meaning' => '']);
        $isThere = static fn(string $kind, string $name): bool => isset(['ingredient' => ['agar' => 1, 'gellan' => 1], 'class' => ['jam' => 1]][$kind][$name]);
        foreach ($takes as $cell) {
            self::assertTrue($column->takes($cell, $isThere), "$holds takes “{$cell}”");
        }
        foreach ($refuses as $cell) {
            self::assertFalse($column->takes($cell, $isThere), "$holds refuses “{$cell}”");
        }
    }

    public function testAKindNobodyKnowsIsRefused(): void
    {
        $this->expectException(BrokenTable::class);
        Column::read(['table' => 't', 'column' => 'c', 'holds' => 'a few things', 'unit' => '', 'meaning' => '']);
    }

    public function testAFaultNamesTheRowTheColumnAndTheCell(): void
    {
        $rows = \array_slice(Table::of('shelf/prices'), 0, 2);
        $schema = Schema::standard();
        self::assertSame([], $schema->faultsOf('shelf/prices', $rows));
        $rows[1]['minor_per_kg'] = 'about 300';
        $rows[1]['source'] = ' ';
        self::assertSame(['shelf/prices, row 3, minor_per_kg: "about 300" is not whole 0…', 'shelf/prices, row 3: no source'], $schema->faultsOf('shelf/prices', $rows));
        self::assertSame(['shelf/prices: columns.csv does not speak of colour'], $schema->faultsOf('shelf/prices', [array_merge(Table::of('shelf/prices')[0], ['colour' => 'red'])]));
        self::assertSame(['shelf/prices: no column minor_per_kg'], $schema->faultsOf('shelf/prices', [array_diff_key(Table::of('shelf/prices')[0], ['minor_per_kg' => 1])]));
    }

    /** Nothing stays from tables that are no longer read: a changed row is seen by everybody, and taken back by everybody. */
    public function testOtherTablesAreReadByAll(): void
    {
        $was = [Energy::kj('protein'), Weights::of('near'), Figure::OvenFan->number(), \count(SubstitutionTable::standard()->for('milk'))];
        $now = OtherTables::with([
            'reference/energy' => static fn(string $csv): string => str_replace('eu,protein,17', 'eu,protein,18', $csv),
            'reformulation/weights' => static fn(string $csv): string => (string) preg_replace('/^near,[^,]*,/m', 'near,0.123,', $csv),
            'reference/figures' => static fn(string $csv): string => str_replace("\noven.fan,20,", "\noven.fan,15,", $csv),
            'substitution/substitutions' => static fn(string $csv): string => $csv . "milk.any.dust,milk,,vegan,any,1,,,,,trade,x\n",
        ], static fn(): array => [Energy::kj('protein'), Weights::of('near'), Figure::OvenFan->number(), \count(SubstitutionTable::standard()->for('milk'))]);
        self::assertSame([18.0, 0.123, 15.0, $was[3] + 1], $now);
        self::assertSame($was, [Energy::kj('protein'), Weights::of('near'), Figure::OvenFan->number(), \count(SubstitutionTable::standard()->for('milk'))]);
        $static = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(\dirname(__DIR__, 2) . '/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            if (preg_match_all('/(?:(?:private|public|protected) static \S+|^\s+static) (\$\w+)/m', (string) file_get_contents($file->getPathname()), $m) > 0) {
                $static[$file->getBasename('.php')] = $m[1];
            }
        }
        ksort($static);
        // The roots of a series hang on no table.
        self::assertSame(['Kept' => ['$made'], 'Series' => ['$known'], 'Table' => ['$keeper', '$at', '$kept']], $static);
    }

    /** Annex XIV of Regulation (EU) No 1169/2011, and nowhere else. */
    public function testTheFactorsOfEnergyHaveOneHome(): void
    {
        self::assertSame([17.0, 10.0, 0.0, 37.0, 17.0, 29.0, 13.0, 8.0], array_map(Energy::kj(...), ['carbohydrate', 'polyols', 'erythritol', 'fat', 'protein', 'alcohol', 'organic_acid', 'fibre']));
        self::assertSame(17.0 * 10 + 37.0, Energy::of(['protein' => 10.0, 'fat' => 1.0]));
        self::assertSame([0.0, 0.2], [Energy::ofProtein(1.0, 0.0), Energy::ofProtein(2.0, 170.0)]);
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(\dirname(__DIR__, 2) . '/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            if (preg_match('/(?<![\d.])(?:17|37)(?:\.0)? \* \$|\* (?:17|37)(?:\.0)?\b/', (string) file_get_contents($file->getPathname()), $m) === 1) {
                $found[$file->getFilename()] = $m[0];
            }
        }
        self::assertSame([], $found);
        $this->expectException(BrokenTable::class);
        Energy::kj('moonlight');
    }

    public function testEverySourceOfCommonPracticeStandsOnItsPage(): void
    {
        $root = \dirname(__DIR__, 3);
        $practice = Practice::of((string) file_get_contents("$root/docs/practice.md"));
        $nowhere = [];
        $cited = 0;
        foreach (array_keys(Table::files()) as $file) {
            foreach (Table::of(substr($file, 0, -4)) as $row) {
                $cited += (int) str_contains($row['source'] ?? '', 'practice: ');
                foreach ($practice->leadsNowhere($row['source'] ?? '') as $to) {
                    $nowhere["$file: $to"] = true;
                }
            }
        }
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/core/src", \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            foreach ($practice->leadsNowhere((string) file_get_contents($file->getPathname())) as $to) {
                $nowhere[$file->getFilename() . ": $to"] = true;
            }
        }
        self::assertSame([], array_keys($nowhere));
        self::assertGreaterThan(6000, $cited);
        $page = Practice::of("# x\n\n## Faults\n\nA set and body: weeping. B grain: starch.\n\n## High protein\n\nLean first.\n");
        self::assertSame(['faults C', 'moons'], $page->leadsNowhere('practice: faults A; practice: faults C; (practice: moons) practice: high protein'));
    }
}
