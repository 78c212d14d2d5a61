<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

/** Figures a cause is weighed by, as they are said. */
final class Metrics
{
    private const WORDS = [
        't_max_c' => 'hottest °C', 'boil_min' => 'minutes at 95 °C or more', 'join_c' => '°C where it was joined', 'fold_c' => '°C where it was folded', 'fold_to_fill_min' => 'minutes from fold to fill', 'pour_c' => '°C where it was poured',
        'oven_c' => 'oven °C', 'bath' => 'water bath', 'whip_c' => '°C where it was whipped', 'bowl_cold' => 'cold bowl', 'cold_h' => 'hours in the cold', 'core_c' => 'core °C', 'out_min' => 'minutes out', 'out_c' => '°C where it stood',
        'yield_percent' => 'yield %', 'brix_found' => '°Brix found', 'density_g_ml' => 'density found, g per ml', 'density_target_g_ml' => 'density wanted, g per ml', 'ph_found' => 'pH found', 'density_ratio' => 'density against the target', 'fold_over' => 'K over its fold window', 't_max_over_curdle' => 'K over where it curdles', 't_max_under_done' => 'K under where its egg sets', 'frozen' => 'frozen',
        'ge' => 'GE %', 'ratio20' => 'set at 20 °C against the cold', 'edge_distance' => 'GE % to the nearest step', 'ph' => 'pH', 'acid' => 'acid %', 'se' => 'sweetness SE %', 'sea_short' => 'shortage of SE : acid', 'fat' => 'fat %', 'water' => 'water %',
        'fat_over_water' => 'fat against fat and water', 'polyol_over' => 'polyol against what cold water holds', 'lactose_water' => 'lactose per 100 g water', 'sucrose_water' => 'sucrose per 100 g water', 'solid35' => 'solid fat at 35 °C %', 'solid5' => 'solid fat at 5 °C %',
        'base_fat' => 'fat against crumb', 'serve_c' => 'served at °C', 'air' => 'air %', 'is_cooked' => 'cooked', 'is_base' => 'a base', 'white_share' => 'white of the egg %', 'sugar_per_white' => 'sugar per white', 'ice_share' => 'share of water frozen', 'freezing_c' => 'begins to freeze °C',
        'aw' => 'water activity', 'casein' => 'casein %', 'starch' => 'starch %', 'sugars' => 'sugars %', 'salt' => 'salt %', 'protein' => 'protein %', 'alcohol' => 'alcohol %', 'solids' => 'solids %', 'lactose' => 'lactose %', 'sweetener_any' => 'sugars and polyols %',
        'calcium_per_pectin' => 'mg calcium per g pectin',
    ];

    /** Those a cook has to say: nobody can read them off a formula. */
    public const ASKED = ['t_max_c', 'boil_min', 'join_c', 'fold_c', 'fold_to_fill_min', 'pour_c', 'oven_c', 'bath', 'whip_c', 'bowl_cold', 'cold_h', 'core_c', 'out_min', 'out_c', 'yield_percent', 'brix_found', 'density_ratio', 'fold_over', 't_max_over_curdle', 't_max_under_done'];

    public static function words(string $metric): string
    {
        return self::WORDS[$metric] ?? match (true) {
            str_starts_with($metric, 'share_') => strtr(substr($metric, 6), ['shrinks' => 'agar and kappa', 'agarlike' => 'agar, kappa and gellan', 'starchgum' => 'starch and gum', 'warmproof' => 'what warmth does not melt']) . ' of the set %',
            str_ends_with($metric, '_mgkg') => substr($metric, 3, -5) . ' mg per kg',
            default => str_replace('_', ' ', (string) preg_replace('/^in_/', '', $metric)) . ' %',
        };
    }

    public static function isKnown(string $metric): bool
    {
        return isset(self::WORDS[$metric]) || str_starts_with($metric, 'share_') || str_starts_with($metric, 'in_');
    }
}
