<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Quantity\Customary;

/**
 * What stands on a pack beside list, allergens and nutrition: net quantity, date words, storage, and what has to be put on by hand. Rules as recalled
 * (`core/data/label`), none compared with an act’s text.
 */
final class Particulars
{
    /** Days from which a date of month and year will do (EU Annex X, ANZ 1.2.5). */
    private const MONTHS = 90;

    /** g up to which a figure of the net quantity is so high, mm (Directive 76/211, Annex I). */
    private const HEIGHTS = [50 => 2, 200 => 3, 1000 => 4];

    private const HIGHEST = 6;

    /** Least net quantity that is declared in the EU, g (Annex IX). */
    private const LEAST = 5.0;

    /** Voluntary colours of the United Kingdom by 100 g: green up to, red over; and red over so much a portion of more than 100 g (guidance of 2013). */
    private const COLOURS = ['fat' => [3.0, 17.5, 21.0], 'saturates' => [1.5, 5.0, 6.0], 'sugars' => [5.0, 22.5, 27.0], 'salt' => [0.3, 1.5, 1.8]];

    private const PORTION = 100.0;

    /** @return array{lines: list<array{what: string, printed: string, article: string, mark: string}>, by_hand: list<string>, colours: list<array{nutrient: string, colour: string, per_100g: float}>} */
    public static function of(DishReading $dish, Market $market): array
    {
        $net = $dish->portion['mass_g'];

        return [
            'lines' => array_values(array_filter([self::net($net, $market), self::dated($dish, $market), self::storage($dish, $market)])),
            'by_hand' => [
                ...($market === Market::Ca ? ['name, list and every other word in French as well (FDR B.01.012): the allergens and the nutrition table alone are given in both'] : []),
                match ($market) {
                    Market::Eu => 'name and address of the business in the Union',
                    Market::Uk => 'name and address of a business in the United Kingdom',
                    Market::In => 'name, address and licence number of the maker, customer care',
                    default => 'name and address of the maker',
                },
                'the day itself, and the lot',
            ],
            'colours' => $market === Market::Uk ? self::colours($dish) : [],
        ];
    }

    /** @return ?array{what: string, printed: string, article: string, mark: string} */
    private static function net(float $grams, Market $market): ?array
    {
        if ($market->isEuropean() && $grams < self::LEAST) {
            return null;
        }
        $shown = round($grams) . ' g';

        return match ($market) {
            Market::Eu, Market::Uk => ['what' => 'net quantity of one', 'printed' => "$shown, figures at least " . self::height($grams) . ' mm high', 'article' => 'art. 23, Directive 76/211 Annex I', 'mark' => 'pub'],
            Market::Us => ['what' => 'net quantity of one', 'printed' => \sprintf('NET WT %s oz (%s)', self::trimmed(Customary::ounces($grams)), $shown), 'article' => '21 CFR 101.7', 'mark' => 'pub'],
            Market::Ca => ['what' => 'net quantity of one', 'printed' => $shown, 'article' => 'Consumer Packaging and Labelling Act', 'mark' => 'mem'],
            Market::Anz => ['what' => 'net quantity of one', 'printed' => $shown, 'article' => 'national trade measurement law', 'mark' => 'mem'],
            Market::In => ['what' => 'net quantity of one', 'printed' => "Net quantity: $shown", 'article' => 'FSS (L&D) 5', 'mark' => 'mem'],
        };
    }

    /** Millimetres a figure of the net quantity is high at least. */
    public static function height(float $grams): int
    {
        foreach (self::HEIGHTS as $up => $height) {
            if ($grams <= $up) {
                return $height;
            }
        }

        return self::HIGHEST;
    }

    /** @return array{what: string, printed: string, article: string, mark: string} */
    private static function dated(DishReading $dish, Market $market): array
    {
        $days = $dish->keepsDays();
        $spoils = array_filter($dish->layers, static fn(LayerReading $one): bool => $one->keeping->controlled) !== [];
        $form = $days <= self::MONTHS ? 'day and month' : 'month and year';
        $by = \sprintf('%d %s from making at most, an estimate: no shelf-life test was made', $days, $days === 1 ? 'day' : 'days');

        return ['what' => 'date'] + match ($market) {
            Market::Eu, Market::Uk => ['printed' => ($spoils ? 'Use by' : 'Best before') . " ($form; $by)", 'article' => 'art. 24, Annex X', 'mark' => 'pub'],
            Market::Us => ['printed' => "Best if used by ($form; $by): recommended, no federal rule asks for it", 'article' => 'none for desserts', 'mark' => 'mem'],
            Market::Ca => ['printed' => ($days <= self::MONTHS ? 'Best before / Meilleur avant' : 'no date is asked for over 90 days') . ($days <= self::MONTHS ? " ($form; $by)" : ''), 'article' => 'FDR B.01.007', 'mark' => 'pub'],
            Market::Anz => ['printed' => ($spoils ? 'Use by' : 'Best before') . " ($form; $by)", 'article' => 'Standard 1.2.5', 'mark' => 'pub'],
            Market::In => ['printed' => "Date of manufacture; Use by (day, month and year; $by)", 'article' => 'FSS (L&D) 5', 'mark' => 'pub'],
        };
    }

    /** @return array{what: string, printed: string, article: string, mark: string} */
    private static function storage(DishReading $dish, Market $market): array
    {
        $said = $dish->isFrozen() ? 'Keep frozen at −18 °C or colder.' : 'Keep refrigerated at 5 °C or colder, covered.';

        return ['what' => 'storage', 'printed' => $said, 'article' => match ($market) {
            Market::Eu, Market::Uk => 'art. 25',
            Market::Us => '21 CFR 101, by likeness',
            Market::Ca => 'FDR B.01.007',
            Market::Anz => 'Standard 1.2.6',
            Market::In => 'FSS (L&D) 5',
        }, 'mark' => $market === Market::Us || $market === Market::In ? 'mem' : 'pub'];
    }

    /** @return list<array{nutrient: string, colour: string, per_100g: float}> */
    private static function colours(DishReading $dish): array
    {
        $portion = $dish->portion['mass_g'];

        return array_map(static fn(string $nutrient): array => ['nutrient' => $nutrient, 'colour' => self::colour($nutrient, $dish->per100["{$nutrient}_g"], $portion), 'per_100g' => $dish->per100["{$nutrient}_g"]], array_keys(self::COLOURS));
    }

    /**
     * @param string $nutrient fat, saturates, sugars or salt
     * @param float $per g in 100 g, unrounded
     * @param float $portion g
     */
    public static function colour(string $nutrient, float $per, float $portion): string
    {
        [$green, $red, $each] = self::COLOURS[$nutrient];

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
