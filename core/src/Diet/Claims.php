<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Reference\Reference;

/**
 * Nutrition claims of Regulation (EC) No 1924/2006, of 21 CFR 101 and of the Australia New Zealand Food Standards Code, by the computed values.
 * US claims are of a reference amount which our portion need not be: they are unproven at best. "Reduced" compares with a range of foods of the
 * same category and stays unproven: the difference from the original is told as a fact beside it.
 */
final readonly class Claims
{
    /** Facts that "reduced" is asked of, with the least difference in % in the EU (Annex, 30) and the US (21 CFR 101.60–62, 25). */
    private const REDUCED = ['energy' => 'kcal', 'fat' => 'fat_g', 'saturates' => 'saturates_g', 'sugars' => 'sugars_g', 'salt' => 'salt_g'];

    public function __construct(private Reference $reference) {}

    /**
     * @param array<string, float> $per100 nutrition per 100 g
     * @param float $addedSugars g per 100 g
     * @param ?array<string, float> $original per 100 g of what it was reformulated from
     * @param ?array<string, float> $portion nutrition of one portion; claims of a portion are left out where null
     *
     * @return list<Claim>
     */
    public function of(array $per100, float $addedSugars, ?array $original = null, ?array $portion = null): array
    {
        $claims = [];
        foreach ($this->reference->claims as $row) {
            if ($row['basis'] === 'portion' && $portion === null) {
                continue;
            }
            [$value, $unit, $met, $condition] = $this->judge($row, $per100, $portion ?? []);
            $isReference = $row['regime'] === 'us' && $row['basis'] === 'portion';
            $claims[] = new Claim(
                preg_replace('/ \((?:US|ANZ)\)$/', '', $row['claim']) ?? $row['claim'],
                Regime::from($row['regime']),
                $met ? ($isReference ? Standing::Unproven : Standing::Met) : Standing::NotMet,
                $value,
                $unit,
                $condition,
                $this->reference->sourceOf('claims', $row['claim']),
                $met && $isReference ? \sprintf('%.1f %s holds it; the law asks it of the reference amount (RACC), which your portion need not be', $value, $unit) : '',
            );
        }
        $claims[] = new Claim(
            'no added sugars',
            Regime::Eu,
            $addedSugars < 0.05 ? Standing::Met : Standing::NotMet,
            $addedSugars,
            'g added sugars per 100 g',
            'no sugars and nothing used for its sweetening sugars',
            $this->reference->sourceOf('claims', 'sugars-free'),
            $addedSugars < 0.05 && $per100['sugars_g'] > 0.5 ? 'with the words "contains naturally occurring sugars"' : '',
        );

        return $original === null ? $claims : [...$claims, ...$this->reduced($per100, $original)];
    }

    /**
     * @param array<string, string> $row
     * @param array<string, float> $per100
     * @param array<string, float> $portion
     *
     * @return array{float, string, bool, string} value, unit, met, condition
     */
    private function judge(array $row, array $per100, array $portion): array
    {
        $value = $per100[$row['fact']];
        $holds = static fn(float $value, float $limit): bool => match ($row['rule']) {
            'at least' => $value >= $limit - 1e-9,
            'below' => $value < $limit,
            default => $value <= $limit + 1e-9,
        };
        $limits = array_map(floatval(...), explode('|', $row['threshold']));
        if ($row['basis'] === 'energy share') {
            $share = $per100['kj'] > 0.0 ? $value * $this->reference->energy['protein']['kj'] / $per100['kj'] : 0.0;

            return [$share * 100, '% of energy', $holds($share, $limits[0]), \sprintf('%s %g %% of energy from protein', $row['rule'], $limits[0] * 100)];
        }
        if ($row['basis'] === 'portion') {
            $unit = \in_array($row['fact'], ['kcal', 'kj'], true) ? $row['fact'] : 'g';

            return [$portion[$row['fact']] ?? 0.0, $unit . ' a portion', $holds($portion[$row['fact']] ?? 0.0, $limits[0]), \sprintf('%s %g %s a portion', $row['rule'], $limits[0], $unit)];
        }
        if ($row['basis'] === 'saturates') {
            $share = $per100['kj'] > 0.0 ? $value * $this->reference->energy['fat']['kj'] / $per100['kj'] : 0.0;

            return [$value, 'g per 100 g', $value <= $limits[0] + 1e-9 && $share <= $limits[1] + 1e-9, \sprintf('at most %g g saturates per 100 g, and at most %g %% of energy from them', $limits[0], 100 * $limits[1])];
        }
        if ($row['basis'] === '100 g or 100 kcal') {
            $perKcal = $per100['kcal'] > 0.0 ? $value * 100 / $per100['kcal'] : 0.0;

            return [$value, 'g per 100 g', $holds($value, $limits[0]) || $holds($perKcal, $limits[1]), \sprintf('%s %g g per 100 g or %g g per 100 kcal', $row['rule'], $limits[0], $limits[1])];
        }
        $unit = \in_array($row['fact'], ['kcal', 'kj'], true) ? $row['fact'] : 'g';

        return [$value, $unit . ' per 100 g', $holds($value, $limits[0]), \sprintf('%s %g %s per 100 g', $row['rule'], $limits[0], $unit)];
    }

    /**
     * @param array<string, float> $now
     * @param array<string, float> $was
     *
     * @return list<Claim>
     */
    private function reduced(array $now, array $was): array
    {
        $claims = [];
        foreach (self::REDUCED as $word => $fact) {
            if ($was[$fact] <= 0.0) {
                continue;
            }
            $less = 100 * (1.0 - $now[$fact] / $was[$fact]);
            if ($less < 1.0) {
                continue;
            }
            $energyRose = $word === 'sugars' && $now['kj'] > $was['kj'];
            foreach ([[Regime::Eu, 30.0], [Regime::Us, 25.0]] as [$regime, $least]) {
                $claims[] = new Claim(
                    "reduced $word",
                    $regime,
                    $less < $least || ($regime === Regime::Eu && $energyRose) ? Standing::NotMet : Standing::Unproven,
                    $less,
                    '% less than the original',
                    \sprintf('at least %g %% less than a range of foods of the same category%s', $least, $regime === Regime::Eu && $word === 'sugars' ? ', with no more energy' : ''),
                    $this->reference->sourceOf('claims', 'low fat'),
                    \sprintf('%.0f %% less than the original is a fact; the comparison a claim needs is with other foods', $less),
                );
            }
        }

        return $claims;
    }
}
