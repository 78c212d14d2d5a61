<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Energy;
use Transmuta\Reference\Figure;

/**
 * A nutrition panel as a packet prints it, per 100 g or per serving, with EU words (carbohydrate without fibre, salt) or US ones (carbohydrate
 * with fibre, sodium). What it does not print is null.
 */
final readonly class PacketPanel
{
    /** Fields of the panel, g unless they say otherwise. */
    public const FIELDS = ['energy_kj', 'energy_kcal', 'fat_g', 'saturates_g', 'carbohydrate_g', 'sugars_g', 'polyols_g', 'starch_g', 'fibre_g', 'protein_g', 'salt_g', 'alcohol_g', 'water_g'];

    /** Words of the fields for people. */
    public const WORDS = [
        'energy_kj' => 'energy in kJ', 'energy_kcal' => 'energy in kcal', 'fat_g' => 'fat', 'saturates_g' => 'saturates', 'carbohydrate_g' => 'carbohydrate', 'sugars_g' => 'sugars',
        'polyols_g' => 'polyols', 'starch_g' => 'starch', 'fibre_g' => 'fibre', 'protein_g' => 'protein', 'salt_g' => 'salt', 'alcohol_g' => 'alcohol', 'water_g' => 'water',
    ];

    /** @param array<string, ?float> $values per 100 g, by {@see FIELDS} */
    private function __construct(public array $values) {}

    /**
     * @param array<string, ?float> $values as printed, by {@see FIELDS}
     * @param ?float $servingGrams g of one serving where the panel is per serving; null for per 100 g
     * @param bool $carbohydrateWithFibre a US panel, whose total carbohydrate includes fibre
     *
     * @throws ImpossiblePanel with every reason
     */
    public static function of(array $values, ?float $servingGrams = null, bool $carbohydrateWithFibre = false): self
    {
        $reasons = [];
        if ($servingGrams !== null && ($servingGrams <= 0.0 || $servingGrams > 2000.0)) {
            throw new ImpossiblePanel(['serving_g' => 'A serving weighs more than 0 and at most 2000 g: give its grams as printed beside the serving size.']);
        }
        $scale = $servingGrams === null ? 1.0 : 100.0 / $servingGrams;
        $per100 = [];
        foreach (self::FIELDS as $field) {
            $value = $values[$field] ?? null;
            $per100[$field] = $value === null ? null : $value * $scale;
            if ($value !== null && (!is_finite($value) || $value < 0.0)) {
                $reasons[$field] = \sprintf('The %s cannot be below zero.', self::WORDS[$field]);
            }
        }
        if ($reasons === [] && $carbohydrateWithFibre && $per100['carbohydrate_g'] !== null) {
            $fibre = $per100['fibre_g'] ?? 0.0;
            if ($fibre > $per100['carbohydrate_g'] + Figure::PacketRounding->number()) {
                $reasons['fibre_g'] = 'Fibre cannot be more than the total carbohydrate it is part of on this panel.';
            }
            $per100['carbohydrate_g'] = max(0.0, $per100['carbohydrate_g'] - $fibre);
        }
        $reasons = [...$reasons, ...($reasons === [] ? self::impossible($per100, $servingGrams !== null) : [])];
        if ($reasons !== []) {
            throw new ImpossiblePanel($reasons);
        }

        return new self($per100);
    }

    /** Whether nothing of it was typed: the packet was read for something else. */
    public function isEmpty(): bool
    {
        return array_filter($this->values, static fn(?float $value): bool => $value !== null) === [];
    }

    public function get(string $field): ?float
    {
        return $this->values[$field];
    }

    /** Energy in kJ per 100 g by the factors of Regulation (EU) No 1169/2011 Annex XIV from what is printed; null without fat, carbohydrate and protein. */
    public function computedKj(): ?float
    {
        $v = $this->values;
        if ($v['fat_g'] === null || $v['carbohydrate_g'] === null || $v['protein_g'] === null) {
            return null;
        }
        $polyols = $v['polyols_g'] ?? 0.0;

        return Energy::of(['fat' => $v['fat_g'], 'carbohydrate' => $v['carbohydrate_g'] - $polyols, 'polyols' => $polyols, 'protein' => $v['protein_g'], 'fibre' => $v['fibre_g'] ?? 0.0, 'alcohol' => $v['alcohol_g'] ?? 0.0]);
    }

    /** Energy as stated, kJ per 100 g. */
    public function statedKj(): ?float
    {
        return $this->values['energy_kj'] ?? ($this->values['energy_kcal'] === null ? null : $this->values['energy_kcal'] * 4.184);
    }

    /**
     * @param array<string, ?float> $v per 100 g
     *
     * @return array<string, string> reasons by field
     */
    private static function impossible(array $v, bool $perServing): array
    {
        $reasons = [];
        $basis = $perServing ? ' Is the serving weight right?' : ' Is the panel per serving?';
        foreach ($v as $field => $value) {
            if ($value !== null && str_ends_with($field, '_g') && $value > 100.0 + Figure::PacketRounding->number()) {
                $reasons[$field] = \sprintf('%s g %s in 100 g cannot be.%s', round($value, 1), self::WORDS[$field], $basis);
            }
        }
        foreach ([['sugars_g', 'carbohydrate_g'], ['polyols_g', 'carbohydrate_g'], ['starch_g', 'carbohydrate_g'], ['saturates_g', 'fat_g']] as [$part, $whole]) {
            if ($v[$part] !== null && $v[$whole] !== null && $v[$part] > $v[$whole] + Figure::PacketRounding->number()) {
                $reasons[$part] = \sprintf('%s g %s in %s g %s cannot be: it is part of it.', round($v[$part], 1), self::WORDS[$part], round($v[$whole], 1), self::WORDS[$whole]);
            }
        }
        $within = ($v['sugars_g'] ?? 0.0) + ($v['polyols_g'] ?? 0.0) + ($v['starch_g'] ?? 0.0);
        if ($v['carbohydrate_g'] !== null && $within > $v['carbohydrate_g'] + 2 * Figure::PacketRounding->number() && !isset($reasons['sugars_g'])) {
            $reasons['sugars_g'] = \sprintf('Sugars, polyols and starch make %s g of only %s g carbohydrate.', round($within, 1), round($v['carbohydrate_g'], 1));
        }
        $sum = 0.0;
        foreach (['fat_g', 'carbohydrate_g', 'fibre_g', 'protein_g', 'salt_g', 'alcohol_g', 'water_g'] as $part) {
            $sum += $v[$part] ?? 0.0;
        }
        if ($sum > 103.0 && $reasons === []) {
            $reasons['carbohydrate_g'] = \sprintf('The parts sum to %s g in 100 g.%s', round($sum, 1), $basis);
        }
        [$kj, $kcal] = [$v['energy_kj'], $v['energy_kcal']];
        if ($kj !== null && $kcal !== null && $kcal > 20.0 && ($kj / $kcal < 3.9 || $kj / $kcal > 4.5)) {
            $reasons['energy_kj'] = \sprintf('%s kJ and %s kcal are not the same energy: 1 kcal is about 4.18 kJ.', round($kj), round($kcal));
        }
        $energy = $kj ?? ($kcal === null ? null : $kcal * 4.184);
        if ($energy !== null && $energy > 3760.0 && !isset($reasons['energy_kj'])) {
            $reasons[$kj === null ? 'energy_kcal' : 'energy_kj'] = \sprintf('%s kJ in 100 g is more than pure fat has (3700).%s', round($energy), $basis);
        }

        return $reasons;
    }
}
