<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Taste\Acidity;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

final class AcidityTest extends TestCase
{
    public function testTenthMolarCitricAcid(): void
    {
        // pKa 3.13, 4.76, 6.40 at 25 °C (CRC Handbook): 0.1 mol/L is pH 2.08.
        $pure = new Acidity(Reference::standard(), inFood: false);
        self::assertEqualsWithDelta(2.08, $pure->phOf(['citric' => 1.9212], 0.0, 100.0), 0.05);
    }

    public function testFivePercentCitricAcidAndLemonsOwnPotassium(): void
    {
        // Handbook §5: pure 5 % citric acid is pH 1.87, and 27 mmol/L strong ions bring it to 2.3.
        $pure = new Acidity(Reference::standard(), inFood: false);
        self::assertEqualsWithDelta(1.87, $pure->phOf(['citric' => 5.0], 0.0, 100.0), 0.05);
        self::assertEqualsWithDelta(2.3, $pure->phOf(['citric' => 5.0], 2.7, 100.0), 0.08);
    }

    public function testWeakAcidAgainstTheClosedForm(): void
    {
        // 0.1 mol/L acetic acid, pKa 4.76: x² / (0.1 − x) = 10^−4.76 gives pH 2.88.
        $ka = 10 ** -4.76;
        $x = (-$ka + sqrt($ka ** 2 + 4 * $ka * 0.1)) / 2;
        $pure = new Acidity(Reference::standard(), inFood: false);
        self::assertEqualsWithDelta(-log10($x), $pure->phOf(['acetic' => 0.6005], 0.0, 100.0), 0.01);
    }

    public function testPureWaterIsNeutral(): void
    {
        self::assertEqualsWithDelta(7.0, (new Acidity(Reference::standard()))->phOf([], 0.0, 100.0), 0.001);
    }

    public function testEveryIngredientReadsAsItsOwnPh(): void
    {
        $acidity = new Acidity(Reference::standard());
        foreach (Kit::shelf()->all() as $in) {
            if ($in->ph !== null && $in->composition->of100('water') >= 3.0) {
                self::assertEqualsWithDelta($in->ph, $acidity->ph(Kit::state([$in->id => 100])), 0.01, $in->id);
            }
        }
    }

    /** @return array<string, array{string, float, float}> FDA list of approximate pH of foods */
    public static function juices(): array
    {
        return ['lemon juice' => ['lemon-juice', 2.0, 2.6], 'lime juice' => ['lime-juice', 2.0, 2.35]];
    }

    #[DataProvider('juices')]
    public function testJuicesLieInThePublishedRange(string $id, float $from, float $to): void
    {
        $ph = Kit::shelf()->get($id)->ph;
        self::assertGreaterThanOrEqual($from, $ph);
        self::assertLessThanOrEqual($to, $ph);
    }

    public function testCitricAcidOfJuicesIsNearPenniston2008(): void
    {
        // Penniston et al. 2008: lemon 48 g/L, lime 46 g/L.
        self::assertEqualsWithDelta(48.0, Kit::shelf()->get('lemon-juice')->composition->of100('acid.citric') * 10 * 1.03, 4.0);
        self::assertEqualsWithDelta(46.0, Kit::shelf()->get('lime-juice')->composition->of100('acid.citric') * 10 * 1.03, 4.0);
    }

    /**
     * Landmarks of the trade (§5), common practice.
     *
     * @return array<string, array{array<string, float|int>, float, float}>
     */
    public static function landmarks(): array
    {
        return [
            'condensed milk + 0.31 lemon' => [['condensed-milk' => 397, 'lemon-juice' => 123], 4.3, 5.0],
            'yolk lemon curd' => [['egg-yolk' => 108, 'sugar' => 200, 'lemon-juice' => 120, 'butter' => 115], 3.2, 3.8],
            'passion-fruit curd' => [['egg-yolk' => 60, 'egg' => 50, 'sugar' => 150, 'passion-fruit-juice' => 200, 'butter' => 100], 3.6, 4.1],
            'unbaked cream-cheese filling' => [['cream-cheese' => 500, 'icing-sugar' => 100, 'cream-36' => 250, 'lemon-juice' => 15], 4.6, 5.0],
            'posset' => [['cream-36' => 600, 'sugar' => 150, 'lemon-juice' => 75], 4.2, 4.7],
            'eggless starch curd' => [['lemon-juice' => 120, 'water' => 120, 'sugar' => 150, 'cornflour' => 25, 'butter' => 40], 2.5, 2.9],
        ];
    }

    /** @param array<string, float|int> $grams */
    #[DataProvider('landmarks')]
    public function testMixturesFallNearTheirLandmark(array $grams, float $from, float $to): void
    {
        $ph = (new Acidity(Reference::standard()))->ph(Kit::state($grams));
        self::assertNotNull($ph);
        self::assertGreaterThanOrEqual($from - 0.25, $ph);
        self::assertLessThanOrEqual($to + 0.25, $ph);
    }

    public function testMoreJuiceIsNeverLessAcid(): void
    {
        $acidity = new Acidity(Reference::standard());
        $last = 14.0;
        foreach ([0, 5, 10, 20, 40, 80, 160] as $juice) {
            $ph = $acidity->ph(Kit::state(['milk' => 200, 'lemon-juice' => $juice]));
            self::assertNotNull($ph);
            self::assertLessThanOrEqual($last + 1e-9, $ph);
            $last = $ph;
        }
    }

    public function testFatAndDrySugarHaveNoPh(): void
    {
        $acidity = new Acidity(Reference::standard());
        self::assertNull($acidity->ph(Kit::state(['coconut-oil' => 50, 'sugar' => 50])));
    }

    public function testTitratableAcidityCountsEquivalents(): void
    {
        $acidity = new Acidity(Reference::standard());
        self::assertEqualsWithDelta(1.0, $acidity->titratable(Kit::state(['citric-acid' => 1.002, 'water' => 98.998])), 0.01);
        // A mole of malic acid neutralises two thirds of what a mole of citric does.
        $juice = Kit::state(['apple-juice' => 100]);
        self::assertEqualsWithDelta(0.5 / 134.09 * 2 / 3 * 192.12, $acidity->titratable($juice), 0.005);
    }

    /** 1 g bicarbonate is 11.9 mmol sodium and takes up 11.9 mmol of acid: 0.76 g citric acid to its end. */
    public function testSodaNeutralisesAcidByItsSodium(): void
    {
        $ph = static fn(string $text): float => (float) Kit::engine()->read(Kit::engine()->parse("layer: A\ntreat: none\n" . $text))->layers[0]->ph;
        $sharp = $ph("100 g water\n1 g citric acid");
        $mended = $ph("100 g water\n1 g citric acid\n0.5 g bicarbonate of soda");
        $spent = $ph("100 g water\n1 g citric acid\n1.2 g bicarbonate of soda");
        self::assertGreaterThan($sharp + 0.8, $mended);
        // 14.3 of 15.6 mmol: the third group, pKa 5.7 in food, is three quarters spent.
        self::assertEqualsWithDelta(5.7 + log10(3.0), $spent, 0.15);
        self::assertGreaterThan($ph("100 g milk\n20 g lemon juice"), $ph("100 g milk\n20 g lemon juice\n0.4 g bicarbonate of soda"));
    }
}
