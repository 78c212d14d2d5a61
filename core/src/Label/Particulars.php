<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Quantity\Customary;
use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Table;

/**
 * What stands on a pack beside list, allergens and nutrition: net quantity, date words, storage, and what has to be put on by hand. Rules as recalled
 * (`core/data/label`), none compared with an act’s text.
 */
final class Particulars
{
    private const PORTION = 100.0;

    /** What a row of particulars says, in the words of the label's list. */
    private const WHAT = ['net' => 'net quantity of one', 'date' => 'date', 'date-kept' => 'date', 'storage' => 'storage'];

    /** @return array{lines: list<array{what: string, printed: string, article: string, mark: string}>, by_hand: list<string>, colours: list<array{nutrient: string, colour: string, per_100g: float}>} */
    public static function of(DishReading $dish, Market $market): array
    {
        $net = $dish->portion['mass_g'];

        return [
            'lines' => array_values(array_filter([self::net($net, $market), self::dated($dish, $market), self::storage($dish, $market)])),
            'by_hand' => [...array_column(self::rows($market, 'by-hand'), 'printed'), 'the day itself, and the lot'],
            'colours' => $market === Market::Uk ? self::colours($dish) : [],
        ];
    }

    /** @return ?array{what: string, printed: string, article: string, mark: string} */
    private static function net(float $grams, Market $market): ?array
    {
        if ($market->isEuropean() && $grams < Figure::LabelNetLeast->number()) {
            return null;
        }

        return self::printed($market, 'net', ['grams' => (string) round($grams), 'height' => (string) self::height($grams), 'ounces' => self::trimmed(Customary::ounces($grams))]);
    }

    /** @return list<array<string, string>> of a market */
    private static function rows(Market $market, string $what): array
    {
        $rows = array_values(array_filter($market->rows('label/particulars'), static fn(array $row): bool => $row['what'] === $what));
        $own = array_values(array_filter($rows, static fn(array $row): bool => $row['market'] === $market->value));

        return $own === [] ? $rows : $own;
    }

    /**
     * @param array<string, string> $with what stands for each word in braces
     *
     * @return array{what: string, printed: string, article: string, mark: string}
     */
    private static function printed(Market $market, string $what, array $with): array
    {
        $row = self::rows($market, $what)[0] ?? throw BrokenTable::missing("label/particulars.csv: $what of {$market->words()}");

        return ['what' => self::WHAT[$what], 'printed' => self::filled($row['printed'], $with), 'article' => $row['article'], 'mark' => $row['mark']];
    }

    /**
     * A sentence with what its words in braces stand for.
     *
     * @param array<string, string> $with
     */
    public static function filled(string $says, array $with): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', static fn(array $m): string => $with[$m[1]] ?? throw BrokenTable::missing("$m[0], in: $says"), $says);
    }

    /** Millimetres a figure of the net quantity is high at least. */
    public static function height(float $grams): int
    {
        foreach (Table::of('label/heights') as $row) {
            if ($row['up_to'] === '' || $grams <= (float) $row['up_to']) {
                return (int) $row['height'];
            }
        }

        throw BrokenTable::missing('label/heights.csv: any other net quantity');
    }

    /** @return array{what: string, printed: string, article: string, mark: string} */
    private static function dated(DishReading $dish, Market $market): array
    {
        $days = $dish->keepsDays();
        $spoils = array_filter($dish->layers, static fn(LayerReading $one): bool => $one->keeping->controlled) !== [];
        $form = $days <= Figure::LabelMonths->number() ? 'day and month' : 'month and year';
        $by = \sprintf('%d %s from making at most, an estimate: no shelf-life test was made', $days, $days === 1 ? 'day' : 'days');

        $what = $days > Figure::LabelMonths->number() && self::rows($market, 'date-kept') !== [] ? 'date-kept' : 'date';

        return self::printed($market, $what, ['use' => $spoils ? 'Use by' : 'Best before', 'form' => $form, 'by' => $by]);
    }

    /** @return array{what: string, printed: string, article: string, mark: string} */
    private static function storage(DishReading $dish, Market $market): array
    {
        $said = $dish->isFrozen() ? 'Keep frozen at −18 °C or colder.' : 'Keep refrigerated at 5 °C or colder, covered.';

        return self::printed($market, 'storage', ['storage' => $said]);
    }

    /** @return list<array{nutrient: string, colour: string, per_100g: float}> */
    private static function colours(DishReading $dish): array
    {
        $portion = $dish->portion['mass_g'];

        return array_map(static fn(string $nutrient): array => ['nutrient' => $nutrient, 'colour' => self::colour($nutrient, $dish->per100["{$nutrient}_g"], $portion), 'per_100g' => $dish->per100["{$nutrient}_g"]], array_column(Table::of('label/colours'), 'nutrient'));
    }

    /**
     * @param string $nutrient fat, saturates, sugars or salt
     * @param float $per g in 100 g, unrounded
     * @param float $portion g
     */
    public static function colour(string $nutrient, float $per, float $portion): string
    {
        $row = array_column(Table::of('label/colours'), null, 'nutrient')[$nutrient] ?? throw BrokenTable::missing("label/colours.csv: $nutrient");
        [$green, $red, $each] = [(float) $row['green'], (float) $row['red'], (float) $row['portion']];

        return match (true) {
            $per > $red, $portion > self::PORTION && $per * $portion / 100 > $each + 1e-9 => 'red',
            $per <= $green => 'green',
            default => 'amber',
        };
    }

    /** Ounces to one place, or two below an ounce. */
    private static function trimmed(float $ounces): string
    {
        return (string) round($ounces, $ounces < 1.0 ? 2 : 1);
    }
}
