<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Property\DishReading;
use Transmuta\Property\Nutrients\LabelRounding;
use Transmuta\Property\Nutrients\UsRounding;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What is declared of energy and nutrients in a market, in its order, rounded once by its rule. What is not known is printed as not known, never as 0. */
final class NutritionTable
{
    private const MICRO = ['trans' => 'trans_g', 'cholesterol' => 'cholesterol_mg', 'vitamin_d' => 'vitamin_d_ug', 'calcium' => 'calcium_mg', 'iron' => 'iron_mg', 'potassium' => 'potassium_mg'];

    /**
     * @param float $serving g
     *
     * @return array{rows: list<array<string, mixed>>, unknown: list<string>} unknown: the row and the lines that leave it open
     */
    public static function of(DishReading $dish, Market $market, float $serving): array
    {
        $key = $market->rules();
        $portion = $dish->portion['mass_g'];
        $rows = $unknown = [];
        foreach (Declared::in($market) as $declared) {
            $row = $declared->row;
            [$value, $open] = self::value($dish, $row, $market);
            if ($row === 'polyols' && ($value ?? 0.0) < 0.005) {
                continue;
            }
            if ($open !== []) {
                $unknown[] = "$declared->name: not known of " . implode(', ', $open);
            }
            $per100 = $value === null || $portion <= 0.0 ? null : 100 * $value / $portion;
            $per = $per100 === null ? null : $per100 * $serving / 100;
            $rows[] = ['key' => $row, 'name' => $declared->name, 'within' => $declared->within, 'per_100g' => self::told($per100, $row, $key), 'per_serving' => self::told($per, $row, $key), 'dv' => self::daily($per, $row, $key)];
        }

        return ['rows' => $rows, 'unknown' => $unknown];
    }

    /** @return array{?float, list<string>} of one portion, and the lines that leave it open */
    private static function value(DishReading $dish, string $row, Market $market): array
    {
        $micro = self::MICRO[$row] ?? null;
        if ($micro !== null) {
            $of = $dish->micronutrients[$micro];

            return $of['unknown'] === [] ? [$of['value'], []] : [null, $of['unknown']];
        }
        $isUs = $market === Market::Us || $market === Market::Ca;

        return [match ($row) {
            'energy_kj' => $dish->portion['kj'],
            'energy_kcal' => $isUs ? $dish->us['calories'] : $dish->portion['kcal'],
            'carbohydrate' => $isUs ? $dish->us['carbohydrate_g'] : $dish->portion['carbohydrate_g'],
            'added_sugars' => $dish->us['added_sugars_g'],
            'sodium' => $dish->us['sodium_mg'],
            default => $dish->portion["{$row}_g"],
        }, []];
    }

    /** @return array{value: ?float, printed: string} */
    private static function told(?float $value, string $row, string $market): array
    {
        return ['value' => $value, 'printed' => $value === null ? 'not known' : self::printed($value, $row, $market)];
    }

    public static function printed(float $value, string $row, string $market): string
    {
        return match ($market) {
            'eu' => self::european($value, $row),
            'us' => self::american($value, $row),
            'ca' => self::canadian($value, $row),
            'anz' => self::australian($value, $row),
            default => self::indian($value, $row),
        };
    }

    private static function european(float $value, string $row): string
    {
        return match ($row) {
            'energy_kj' => LabelRounding::energy($value) . ' kJ',
            'energy_kcal' => LabelRounding::energy($value) . ' kcal',
            'saturates' => LabelRounding::saturates($value) . ' g',
            'salt' => LabelRounding::salt($value) . ' g',
            default => LabelRounding::grams($value) . ' g',
        };
    }

    private static function american(float $value, string $row): string
    {
        return match ($row) {
            'energy_kcal' => UsRounding::calories($value),
            'fat', 'saturates', 'trans' => UsRounding::fat($value) . ' g',
            'cholesterol' => UsRounding::cholesterol($value) . ' mg',
            'sodium' => UsRounding::sodium($value) . ' mg',
            'vitamin_d' => UsRounding::mineral('vitamin_d_ug', $value) . ' µg',
            'iron' => UsRounding::mineral('iron_mg', $value) . ' mg',
            'calcium', 'potassium' => UsRounding::mineral('calcium_mg', $value) . ' mg',
            default => UsRounding::grams($value) . ' g',
        };
    }

    private static function canadian(float $value, string $row): string
    {
        $by = static fn(float $step): string => self::trimmed($step * round($value / $step));

        return match ($row) {
            'energy_kcal' => $value < 5.0 ? $by(1) : ($value <= 50.0 ? $by(5) : $by(10)),
            'fat', 'saturates', 'trans' => ($value < 0.5 ? $by(0.1) : ($value <= 5.0 ? $by(0.5) : $by(1))) . ' g',
            'protein' => ($value < 0.5 ? $by(0.1) : $by(1)) . ' g',
            'cholesterol' => ($value < 2.0 ? '0' : $by(5)) . ' mg',
            'sodium' => ($value < 5.0 ? $by(1) : ($value <= 140.0 ? $by(5) : $by(10))) . ' mg',
            'potassium', 'calcium' => ($value < 5.0 ? '0' : ($value < 50.0 ? $by(10) : ($value < 250.0 ? $by(25) : $by(50)))) . ' mg',
            'iron' => ($value < 0.05 ? '0' : ($value < 0.5 ? $by(0.1) : ($value < 2.5 ? $by(0.25) : $by(0.5)))) . ' mg',
            default => ($value < 0.5 ? '0' : $by(1)) . ' g',
        };
    }

    private static function australian(float $value, string $row): string
    {
        return match ($row) {
            'energy_kj' => $value < 40.0 ? 'less than 40 kJ' : self::significant($value, 0) . ' kJ',
            'sodium' => $value < 5.0 ? 'less than 5 mg' : self::significant($value, 0) . ' mg',
            default => $value < 1.0 ? 'less than 1 g' : self::significant($value, 1) . ' g',
        };
    }

    private static function indian(float $value, string $row): string
    {
        return match ($row) {
            'energy_kcal' => (string) round($value),
            'cholesterol', 'sodium' => round($value) . ' mg',
            default => number_format(round($value, 1), 1, '.', '') . ' g',
        };
    }

    /** @return array<string, array<string, float>> daily values and reference intakes, in the unit of the row, by market */
    private static function amounts(): array
    {
        return Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('label/daily') as $row) {
                $made[$row['market']][$row['row']] = (float) $row['amount'];
            }

            return $made;
        });
    }

    /** @return ?array{value: float, printed: string} */
    private static function daily(?float $value, string $row, string $market): ?array
    {
        $daily = self::amounts()[$market][$row] ?? null;
        if ($daily === null || $value === null) {
            return null;
        }
        $share = 100 * $value / $daily;

        return ['value' => $share, 'printed' => ($market === 'us' && \in_array($row, ['vitamin_d', 'calcium', 'iron', 'potassium'], true) ? UsRounding::shareOfVitamin($value, $daily) : (int) round($share)) . '%'];
    }

    /** At most three significant figures and as many places. */
    private static function significant(float $value, int $places): string
    {
        $digits = $value > 0.0 ? 2 - (int) floor(log10($value)) : 0;

        return self::trimmed(round($value, min($places, $digits)));
    }

    private static function trimmed(float $value): string
    {
        return str_contains($text = number_format($value, 2, '.', ''), '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
