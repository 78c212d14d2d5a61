<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Shelf\Ingredient;

/** Judges a whole dish against each diet from its ingredients and its portion. */
final class DietJudge
{
    /** Net carbs per portion that common practice accepts in a keto dessert, g [trade]. */
    public const KETO_NET_CARBS = 6.0;

    /** Share of energy from protein for "high protein", Regulation (EC) No 1924/2006 Annex. */
    public const HIGH_PROTEIN_SHARE = 0.20;

    private const CROSS_CONTACT = 'Certified ingredients and a kitchen without cross-contact: a calculation cannot show 20 mg/kg or less.';

    /**
     * @param list<Ingredient> $ingredients in the dish
     * @param array<string, float> $portion nutrition of one portion
     * @param int $unread lines that were not understood
     *
     * @return array<string, Verdict> by diet
     */
    public static function all(array $ingredients, array $portion, int $unread, ?float $netCarbLimit = null, ?float $proteinFloor = null, ?EvidenceBook $book = null): array
    {
        $verdicts = [];
        foreach (Diet::cases() as $diet) {
            $because = $unproven = $proven = [];
            foreach ($ingredients as $in) {
                $question = DietRules::question($diet, $in);
                $seen = $book?->of($in->id, $diet);
                if (DietRules::bans($diet, $in)) {
                    $because[] = $in->name;
                } elseif ($seen !== null && !$seen->meets) {
                    $because[] = $in->name . ': ' . $seen->words();
                } elseif ($seen !== null) {
                    $proven[] = $in->name . ': ' . $seen->words();
                } elseif ($question !== null) {
                    $unproven[] = $in->name . ': ' . $question;
                }
            }
            if ($unread > 0) {
                $unproven[] = \sprintf('%d line%s not understood yet.', $unread, $unread === 1 ? ' is' : 's are');
            }
            $verdicts[$diet->value] = Verdict::of(
                $diet,
                [...$because, ...self::numbers($diet, $portion, $netCarbLimit, $proteinFloor)],
                $diet === Diet::GlutenFree ? [...$unproven, self::CROSS_CONTACT] : $unproven,
                $proven,
            );
        }

        return $verdicts;
    }

    /**
     * @param array<string, float> $portion
     *
     * @return list<string>
     */
    private static function numbers(Diet $diet, array $portion, ?float $netCarbLimit, ?float $proteinFloor): array
    {
        if ($diet === Diet::Keto) {
            $limit = $netCarbLimit ?? self::KETO_NET_CARBS;

            return $portion['net_carbs_g'] > $limit ? [\sprintf('%.1f g net carbs a portion, over %g g', $portion['net_carbs_g'], $limit)] : [];
        }
        if ($diet !== Diet::HighProtein) {
            return [];
        }
        $share = $portion['kj'] > 0.0 ? $portion['protein_g'] * 17 / $portion['kj'] : 0.0;
        $because = $share < self::HIGH_PROTEIN_SHARE ? [\sprintf('protein is %.0f %% of energy, under 20 %%', $share * 100)] : [];
        if ($proteinFloor !== null && $portion['protein_g'] < $proteinFloor) {
            $because[] = \sprintf('%.1f g protein a portion, under %g g', $portion['protein_g'], $proteinFloor);
        }

        return $because;
    }
}
