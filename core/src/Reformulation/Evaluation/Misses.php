<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

use Transmuta\Diet\Diet;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Energy;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Brief\Brief;

/** The numbers of a brief that a result misses, and by how much. */
final class Misses
{
    /** Diets that are a number rather than a ban. */
    public const BY_NUMBERS = [Diet::Keto, Diet::HighProtein, Diet::ReducedSugar, Diet::LowFat];

    public static function any(DishReading $result, DishReading $original, Brief $brief): bool
    {
        return self::of($result, $original, $brief) !== [];
    }

    /** Whether less sugar would help: fat alone is missed no less by a less sweet dish. */
    public static function areAboutSugar(DishReading $result, DishReading $original, Brief $brief): bool
    {
        return array_diff_key(self::of($result, $original, $brief), ['fat_g' => true, 'protein_g' => true]) !== [];
    }

    /** How far off in all, as a share of each limit. */
    public static function size(DishReading $result, DishReading $original, Brief $brief): float
    {
        return array_sum(array_map(static fn(array $miss): float => abs($miss['value'] - $miss['limit']) / max(0.5, $miss['limit']), self::of($result, $original, $brief)));
    }

    /** @return array<string, array{name: string, unit: string, value: float, limit: float, atMost: bool}> by fact */
    public static function of(DishReading $result, DishReading $original, Brief $brief): array
    {
        $p = $result->portion + ['net_carbs_g' => 0.0, 'protein_g' => 0.0, 'kcal' => 0.0, 'kj' => 0.0, 'sugars_g' => 0.0, 'fat_g' => 0.0];
        $most = [
            'net_carbs_g' => ['Net carbs', 'g', $brief->netCarbLimit()],
            'kcal' => ['Energy', 'kcal', $brief->kcal],
            'sugars_g' => ['Sugars', 'g', $brief->sugarLimit($original->portion['sugars_g'] ?? 0.0)],
            'fat_g' => ['Fat', 'g', $brief->fatLimit($result->portion['mass_g'])],
        ];
        $misses = [];
        foreach ($most as $fact => [$name, $unit, $limit]) {
            if ($limit !== null && $p[$fact] > $limit + 1e-6) {
                $misses[$fact] = ['name' => $name, 'unit' => $unit, 'value' => $p[$fact], 'limit' => $limit, 'atMost' => true];
            }
        }
        if ($brief->protein !== null && $p['protein_g'] < $brief->protein - 1e-6) {
            $misses['protein_g'] = ['name' => 'Protein', 'unit' => 'g', 'value' => $p['protein_g'], 'limit' => $brief->protein, 'atMost' => false];
        }
        $share = 100 * Energy::ofProtein($p['protein_g'], $p['kj']);
        if ($brief->asksProteinShare() && $share < 100 * Figure::HighProteinShare->number()) {
            $misses['protein_share'] = ['name' => 'Energy from protein', 'unit' => '%', 'value' => $share, 'limit' => 100 * Figure::HighProteinShare->number(), 'atMost' => false];
        }

        return $misses;
    }
}
