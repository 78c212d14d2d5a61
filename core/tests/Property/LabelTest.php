<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Nutrients\UsRounding;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/** US facts and rounding, 21 CFR 101.9(c), on both sides of every boundary. */
final class LabelTest extends TestCase
{
    /** @return array<string, array{string, float, string}> */
    public static function roundings(): array
    {
        return [
            'calories under 5' => ['calories', 4.99, '0'],
            'calories at 5' => ['calories', 5.0, '5'],
            'calories to 5 below 50' => ['calories', 47.4, '45'],
            'calories to 5, up' => ['calories', 47.5, '50'],
            'calories at 50' => ['calories', 50.0, '50'],
            'calories over 50 to 10' => ['calories', 54.9, '50'],
            'calories over 50, up' => ['calories', 55.0, '60'],
            'fat under 0.5' => ['fat', 0.49, '0'],
            'fat at 0.5' => ['fat', 0.5, '0.5'],
            'fat to 0.5 below 5' => ['fat', 2.7, '2.5'],
            'fat to 0.5, up' => ['fat', 2.75, '3'],
            'fat just under 5' => ['fat', 4.74, '4.5'],
            'fat over 5 to 1' => ['fat', 5.4, '5'],
            'fat over 5, up' => ['fat', 5.5, '6'],
            'cholesterol under 2' => ['cholesterol', 1.99, '0'],
            'cholesterol at 2' => ['cholesterol', 2.0, 'less than 5'],
            'cholesterol at 5' => ['cholesterol', 5.0, 'less than 5'],
            'cholesterol over 5' => ['cholesterol', 7.4, '5'],
            'cholesterol to 5' => ['cholesterol', 7.5, '10'],
            'sodium under 5' => ['sodium', 4.9, '0'],
            'sodium at 5' => ['sodium', 5.0, '5'],
            'sodium to 5 below 140' => ['sodium', 137.4, '135'],
            'sodium at 140' => ['sodium', 140.0, '140'],
            'sodium over 140 to 10' => ['sodium', 144.9, '140'],
            'sodium over 140, up' => ['sodium', 145.0, '150'],
            'grams under 0.5' => ['grams', 0.49, '0'],
            'grams at 0.5' => ['grams', 0.5, 'less than 1'],
            'grams under 1' => ['grams', 0.99, 'less than 1'],
            'grams at 1' => ['grams', 1.0, '1'],
            'grams to 1' => ['grams', 1.49, '1'],
            'grams to 1, up' => ['grams', 1.5, '2'],
        ];
    }

    #[DataProvider('roundings')]
    public function testUsRounding(string $fact, float $value, string $label): void
    {
        self::assertSame($label, UsRounding::{$fact}($value));
    }

    public function testSharesOfTheDailyValue(): void
    {
        $daily = array_map(floatval(...), array_column(array_filter(Table::of('label/daily'), static fn(array $row): bool => $row['market'] === 'us'), 'amount', 'row'));
        self::assertSame(10, UsRounding::share(7.8, $daily['fat']), '21 CFR 101.9(c)(9): 78 g');
        self::assertSame(50, UsRounding::share(25.0, $daily['added_sugars']));
        foreach ([[1.9, 0], [2.0, 2], [9.0, 10], [12.4, 10], [12.5, 15], [54.0, 50], [55.0, 60]] as [$percent, $label]) {
            self::assertSame($label, UsRounding::shareOfVitamin($percent / 100 * $daily['calcium'], $daily['calcium']), "$percent %");
        }
    }

    public function testUsCarbohydrateHasFibreAndAlluloseLeavesSugars(): void
    {
        $facts = Kit::engine()->reader->usNutrition->per100(Kit::state(['allulose' => 50, 'inulin' => 20, 'sugar' => 30]));
        $eu = Kit::engine()->reader->nutrition->per100(Kit::state(['allulose' => 50, 'inulin' => 20, 'sugar' => 30]));
        self::assertEqualsWithDelta(30.0, $facts['sugars_g'], 1.5, 'allulose is out of total sugars (FDA 2020)');
        self::assertEqualsWithDelta(30.0, $facts['added_sugars_g'], 0.5);
        self::assertEqualsWithDelta($eu['carbohydrate_g'] + $facts['fibre_g'], $facts['carbohydrate_g'], 0.1);
        // 0.4 kcal a gram of allulose, 2 of inulin, 4 of sugar.
        self::assertEqualsWithDelta(50 * 0.4 + 20 * 2 + 30 * 4, $facts['calories'], 8.0);
    }

    /** @return array<string, array{string, string, float}> 21 CFR 101.9(c)(1)(i)(F), kcal/g */
    public static function polyols(): array
    {
        return [
            'isomalt' => ['isomalt', 'isomalt', 2.0], 'lactitol' => ['lactitol', 'lactitol', 2.0], 'xylitol' => ['xylitol', 'xylitol', 2.4], 'maltitol' => ['maltitol', 'maltitol', 2.1],
            'sorbitol' => ['sorbitol', 'sorbitol', 2.6], 'mannitol' => ['mannitol', 'mannitol', 1.6], 'erythritol' => ['erythritol', 'erythritol', 0.0],
        ];
    }

    #[DataProvider('polyols')]
    public function testSugarAlcoholsHaveTheirOwnCalories(string $id, string $part, float $kcal): void
    {
        $state = Kit::state([$id => 100]);
        self::assertSame($kcal, Reference::standard()->energyUs[$part]);
        self::assertEqualsWithDelta($kcal * $state->of100("polyol.$part"), Kit::engine()->reader->usNutrition->per100($state)['calories'], 1.0);
    }

    public function testWhatIsNotKnownIsNotZero(): void
    {
        $facts = Kit::engine()->reader->usNutrition->micronutrients(Kit::state(['butter' => 50, 'single-cream' => 50]));
        self::assertContains('Single cream 18 % fat', $facts['vitamin_d_ug']['unknown']);
        self::assertSame([], Kit::engine()->reader->usNutrition->micronutrients(Kit::state(['sugar' => 100]))['cholesterol_mg']['unknown']);
    }
}
