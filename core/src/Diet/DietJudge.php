<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Reference\Energy;
use Transmuta\Shelf\Ingredient;

/** Judges a whole dish against each diet from its ingredients and its portion. */
final class DietJudge
{
    /** Net carbs per portion that common practice accepts in a keto dessert, g [trade]. */
    public const KETO_NET_CARBS = 6.0;

    /** Share of energy from protein for "high protein", Regulation (EC) No 1924/2006 Annex. */
    public const HIGH_PROTEIN_SHARE = 0.20;

    private const CROSS_CONTACT = 'Certified ingredients and a kitchen without cross-contact: a calculation cannot show 20 mg/kg or less.';

    /** Sugars of a portion against the original's for "reduced sugar" as an aim: 30 % less, Regulation (EC) No 1924/2006 Annex. */
    public const REDUCED = 0.70;

    /** g fat per 100 g for "low fat", Regulation (EC) No 1924/2006 Annex. */
    public const LOW_FAT = 3.0;

    /**
     * @param list<Ingredient> $ingredients in the dish
     * @param array<string, float> $portion nutrition of one portion
     * @param list<string> $questions what has to be answered first: lines not understood, guesses not confirmed
     * @param list<string> $guessed ids that are in the dish by a guess alone: they break no diet and meet none
     * @param ?array<string, float> $original nutrition of one portion of what it was reformulated from
     * @param bool $heated whether anything in it is heated
     * @param ?float $proteinPortion g of protein a portion that count as high; the share of energy where null
     *
     * @return array<string, Verdict> by diet
     */
    public static function all(array $ingredients, array $portion, array $questions, ?float $netCarbLimit = null, ?float $proteinFloor = null, ?EvidenceBook $book = null, ?array $original = null, bool $heated = false, ?float $proteinPortion = null, array $guessed = []): array
    {
        $verdicts = [];
        foreach (Diet::cases() as $diet) {
            $because = $unproven = $proven = [];
            foreach ($ingredients as $in) {
                $seen = $book?->of($in->id, $diet);
                if (DietRules::bans($diet, $in) && \in_array($in->id, $guessed, true)) {
                    $unproven[] = \sprintf('%s would break it; that it is in the dish is a guess.', $in->name);
                } elseif (DietRules::bans($diet, $in)) {
                    $because[] = $in->name;
                } elseif ($seen !== null && !$seen->meets) {
                    $because[] = $in->name . ': ' . $seen->words();
                } elseif ($seen !== null) {
                    $proven[] = $in->name . ': ' . $seen->words();
                } elseif (($question = DietRules::question($diet, $in)) !== null) {
                    $unproven[] = $in->name . ': ' . $question;
                }
            }
            array_unshift($unproven, ...$questions);
            $verdicts[$diet->value] = Verdict::of(
                $diet,
                [...$because, ...self::numbers($diet, $portion, $netCarbLimit, $proteinFloor, $original, $proteinPortion), ...($diet === Diet::Raw && $heated ? ['it is heated'] : [])],
                match (true) {
                    $diet === Diet::GlutenFree => [...$unproven, self::CROSS_CONTACT],
                    $diet === Diet::ReducedSugar && $original === null => [...$unproven, 'Less than what? It is read against the version it was made from.'],
                    default => $unproven,
                },
                $proven,
            );
        }

        return $verdicts;
    }

    /**
     * @param array<string, float> $portion
     * @param ?array<string, float> $original
     *
     * @return list<string>
     */
    private static function numbers(Diet $diet, array $portion, ?float $netCarbLimit, ?float $proteinFloor, ?array $original, ?float $proteinPortion): array
    {
        if ($diet === Diet::ReducedSugar) {
            $share = $original !== null && $original['sugars_g'] > 0.0 ? $portion['sugars_g'] / $original['sugars_g'] : 0.0;

            return $share > self::REDUCED + 1e-6 ? [\sprintf('%.0f %% less sugars than the original, under 30 %%', 100 * (1 - $share))] : [];
        }
        if ($diet === Diet::LowFat) {
            $fat = ($portion['mass_g'] ?? 0.0) > 0.0 ? 100 * ($portion['fat_g'] ?? 0.0) / $portion['mass_g'] : 0.0;

            return $fat > self::LOW_FAT + 1e-6 ? [\sprintf('%.1f g fat per 100 g, over %g g', $fat, self::LOW_FAT)] : [];
        }
        if ($diet === Diet::Keto) {
            $limit = $netCarbLimit ?? self::KETO_NET_CARBS;

            return $portion['net_carbs_g'] > $limit ? [\sprintf('%.1f g net carbs a portion, over %g g', $portion['net_carbs_g'], $limit)] : [];
        }
        if ($diet !== Diet::HighProtein) {
            return [];
        }
        $share = Energy::ofProtein($portion['protein_g'], $portion['kj']);
        // Both schools are told, whichever counts.
        $because = match (true) {
            $proteinPortion !== null && $portion['protein_g'] < $proteinPortion - 1e-6 => [\sprintf('%.1f g protein a portion, under %g g; %.0f %% of energy', $portion['protein_g'], $proteinPortion, $share * 100)],
            $proteinPortion === null && $share < self::HIGH_PROTEIN_SHARE => [\sprintf('protein is %.0f %% of energy, under 20 %%; %.1f g a portion', $share * 100, $portion['protein_g'])],
            default => [],
        };
        if ($proteinFloor !== null && $portion['protein_g'] < $proteinFloor) {
            $because[] = \sprintf('%.1f g protein a portion, under %g g', $portion['protein_g'], $proteinFloor);
        }

        return $because;
    }
}
