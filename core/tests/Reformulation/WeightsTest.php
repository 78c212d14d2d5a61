<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Deviation\Weights;

final class WeightsTest extends TestCase
{
    public function testEveryWeightTheCodeAsksForStandsInTheTableAndNoneStandsThereForNothing(): void
    {
        $rows = Table::of('reformulation/weights');
        $keys = array_column($rows, 'key');
        self::assertSame(array_values(array_unique($keys)), $keys);
        $asked = [];
        foreach (glob(\dirname(__DIR__, 2) . '/src/Reformulation/{,*/}*.php', \GLOB_BRACE) ?: [] as $file) {
            preg_match_all("/Weights::of\\('([a-z.-]+)'\\)|'(owes\\.[a-z]+)'/", (string) file_get_contents($file), $m);
            $asked = [...$asked, ...array_filter([...$m[1], ...$m[2]])];
        }
        $asked = array_values(array_unique($asked));
        sort($asked);
        sort($keys);
        self::assertSame($keys, $asked);
        foreach ($rows as $row) {
            self::assertIsNumeric($row['value'], $row['key']);
            self::assertNotSame('', $row['source'], $row['key']);
        }
    }

    public function testWhatALineMayDoIsWiderTheMoreIsAskedOfIt(): void
    {
        self::assertLessThan(Weights::of('free.part'), Weights::of('free.kept'));
        self::assertLessThan(Weights::of('twin.main.low'), Weights::of('twin.side.low'));
        self::assertLessThan(Weights::of('twin.side.high'), Weights::of('twin.main.high'));
        // Limits are aimed at from their safe side.
        self::assertLessThan(1.0, Weights::of('aim.energy'));
        self::assertGreaterThan(1.0, Weights::of('aim.protein'));
        self::assertGreaterThan(0.2, Weights::of('aim.fifth'));
    }

    public function testAWeightThatIsNotThereIsSaid(): void
    {
        $this->expectException(BrokenTable::class);
        Weights::of('no.such');
    }
}
