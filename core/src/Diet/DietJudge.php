<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Reference\Energy;
use Transmuta\Reference\Figure;

/** Judges a whole dish against each diet from its ingredients and its portion. */
final class DietJudge
{
    private const CROSS_CONTACT = 'Certified ingredients and a kitchen without cross-contact: a calculation cannot show 20 mg/kg or less.';

    /** @return array<string, Verdict> by diet */
    public static function all(DietFacts $facts): array
    {
        $verdicts = [];
        foreach (Diet::cases() as $diet) {
            $because = $unproven = $proven = [];
            foreach ($facts->ingredients as $in) {
                $seen = $facts->book?->of($in->id, $diet);
                if (DietRules::bans($diet, $in) && \in_array($in->id, $facts->guessed, true)) {
                    $unproven[] = \sprintf('%s would break it; that it is in the dish is a guess.', $in->name);
                } elseif (DietRules::bans($diet, $in) && !DietRules::isByAmount($diet, $in)) {
                    $because[] = $in->name;
                } elseif ($seen !== null && !$seen->meets) {
                    $because[] = $in->name . ': ' . $seen->words();
                } elseif ($seen !== null) {
                    $proven[] = $in->name . ': ' . $seen->words();
                } elseif (($question = DietRules::question($diet, $in)) !== null) {
                    $unproven[] = $in->name . ': ' . $question;
                }
            }
            array_unshift($unproven, ...$facts->questions);
            $verdicts[$diet->value] = Verdict::of(
                $diet,
                [...$because, ...self::numbers($diet, $facts), ...($diet === Diet::Raw && $facts->heated ? ['it is heated'] : [])],
                match (true) {
                    $diet === Diet::GlutenFree => [...$unproven, self::CROSS_CONTACT],
                    $diet === Diet::ReducedSugar && $facts->original === null => [...$unproven, 'Less than what? It is read against the version it was made from.'],
                    default => $unproven,
                },
                $proven,
            );
        }

        return $verdicts;
    }

    /** @return list<string> numbers that miss the diet */
    private static function numbers(Diet $diet, DietFacts $facts): array
    {
        [$portion, $original, $proteinPortion, $proteinFloor] = [$facts->portion, $facts->original, $facts->proteinPortion, $facts->proteinFloor];
        if ($diet === Diet::ReducedSugar) {
            $share = $original !== null && $original['sugars_g'] > 0.0 ? $portion['sugars_g'] / $original['sugars_g'] : 0.0;

            return $share > Figure::ReducedSugarShare->number() + 1e-6 ? [\sprintf('%.0f %% less sugars than the original, under 30 %%', 100 * (1 - $share))] : [];
        }
        if ($diet === Diet::LowFat) {
            $fat = ($portion['mass_g'] ?? 0.0) > 0.0 ? 100 * ($portion['fat_g'] ?? 0.0) / $portion['mass_g'] : 0.0;

            return $fat > Figure::LowFatFat->number() + 1e-6 ? [\sprintf('%.1f g fat per 100 g, over %g g', $fat, Figure::LowFatFat->number())] : [];
        }
        if ($diet === Diet::Keto) {
            $limit = $facts->netCarbLimit ?? Figure::KetoNetCarbs->number();

            return $portion['net_carbs_g'] > $limit ? [\sprintf('%.1f g net carbs a portion, over %g g', $portion['net_carbs_g'], $limit)] : [];
        }
        if ($diet !== Diet::HighProtein) {
            return [];
        }
        $share = Energy::ofProtein($portion['protein_g'], $portion['kj']);
        // Both schools are told, whichever counts.
        $because = match (true) {
            $proteinPortion !== null && $portion['protein_g'] < $proteinPortion - 1e-6 => [\sprintf('%.1f g protein a portion, under %g g; %.0f %% of energy', $portion['protein_g'], $proteinPortion, $share * 100)],
            $proteinPortion === null && $share < Figure::HighProteinShare->number() => [\sprintf('protein is %.0f %% of energy, under 20 %%; %.1f g a portion', $share * 100, $portion['protein_g'])],
            default => [],
        };
        if ($proteinFloor !== null && $portion['protein_g'] < $proteinFloor) {
            $because[] = \sprintf('%.1f g protein a portion, under %g g', $portion['protein_g'], $proteinFloor);
        }

        return $because;
    }
}
