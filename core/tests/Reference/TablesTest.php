<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;

final class TablesTest extends TestCase
{
    /** @return iterable<string, array{string}> every table whose rows are values */
    public static function tables(): iterable
    {
        $data = \dirname(__DIR__, 2) . '/data';
        foreach ([...(glob("$data/reference/*.csv") ?: []), "$data/shelf/composition.csv", "$data/shelf/measures.csv", "$data/shelf/functions.csv", "$data/shelf/prices.csv", "$data/shelf/standing.csv", "$data/shelf/standards.csv", "$data/shelf/class-ranges.csv", "$data/shelf/grades.csv", "$data/shelf/classes.csv", "$data/shelf/acidity.csv", "$data/intake/words.csv", "$data/intake/containers.csv", "$data/intake/by-hand.csv", ...(glob("$data/reformulation/*.csv") ?: [])] as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('tables')]
    public function testEveryRowCarriesItsMarkAndSource(string $file): void
    {
        $rows = Table::rows($file);
        self::assertNotEmpty($rows);
        foreach ($rows as $number => $row) {
            self::assertContains($row['mark'], ['pub', 'trade', 'mem'], basename($file) . ' row ' . ($number + 2));
            self::assertNotSame('', trim($row['source']), basename($file) . ' row ' . ($number + 2));
        }
    }

    public function testAPublishedRowNamesAPublication(): void
    {
        foreach (self::tables() as [$file]) {
            foreach (Table::rows($file) as $row) {
                if ($row['mark'] === 'pub') {
                    self::assertMatchesRegularExpression('/Regulation|CFR|FDA|Choi and Okos|Reg\.|CRC|NIST|ASHRAE|USDA|EFSA|SCF 2000|Directive (?:19|20)|Codex CXS|FSSAI|Food Standards Code|The Food \(Miscellaneous|20 °C|Indian Food Composition Tables 2017|IFCT 2017|JECFA|UNECE|ISO \d|verordnung|Food and Drug Administration|defined/', $row['source'], basename($file));
                }
            }
        }
    }

    public function testABrokenRowIsNamed(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'table');
        self::assertIsString($file);
        file_put_contents($file, "a,mark,source\n1,pub\n");
        try {
            Table::rows($file);
            self::fail('a short row was read');
        } catch (BrokenTable $broken) {
            self::assertStringContainsString('line 2', $broken->getMessage());
        }
        file_put_contents($file, "a,mark,source\n1,sure,me\n");
        $this->expectExceptionMessage('unknown mark "sure"');
        try {
            Table::rows($file);
        } finally {
            unlink($file);
        }
    }

    public function testAMissingTableIsNamed(): void
    {
        $this->expectException(BrokenTable::class);
        $this->expectExceptionMessage('nowhere.csv is missing');
        Table::rows('/nowhere.csv');
    }

    public function testEnergyFactorsAreThoseOfAnnexXiv(): void
    {
        // Regulation (EU) No 1169/2011 Annex XIV, kJ/g and kcal/g.
        $energy = Reference::standard()->energy;
        $published = [
            'carbohydrate' => [17, 4], 'polyols' => [10, 2.4], 'erythritol' => [0, 0], 'fat' => [37, 9], 'protein' => [17, 4],
            'alcohol' => [29, 7], 'organic_acid' => [13, 3], 'fibre' => [8, 2],
        ];
        foreach ($published as $part => [$kj, $kcal]) {
            self::assertEquals(['kj' => $kj, 'kcal' => $kcal], $energy[$part], $part);
        }
        self::assertCount(\count($published), $energy);
    }

    /** What the trade knows can be read: every such source names its paragraph of docs/practice.md. */
    public function testEverySourceOfPracticePointsToItsParagraph(): void
    {
        preg_match_all('/^## (.+)$/m', (string) file_get_contents(\dirname(__DIR__, 3) . '/docs/practice.md'), $m);
        $titles = array_map(mb_strtolower(...), $m[1]);
        $seen = [];
        foreach (self::tables() as [$file]) {
            foreach (Table::rows($file) as $row) {
                if (preg_match('/practice: ([a-z -]+?)(?= and |[;,.()"]|$)/', $row['source'] ?? '', $found) === 1) {
                    self::assertContains(trim($found[1]), $titles, basename($file) . ': ' . $row['source']);
                    $seen[trim($found[1])] = true;
                }
                self::assertStringNotContainsString('handbook', $row['source'] ?? '', basename($file));
            }
        }
        self::assertGreaterThanOrEqual(18, \count($seen));
    }
}
