<?php

declare(strict_types=1);

namespace Transmuta\Method;

use Transmuta\Reference\Figure;

/**
 * What heat each line meets after it has gone in, read off the maker's own steps: an egg folded in after the boil is raw, whatever was boiled before it. It
 * says only what is never heated; that something is heated enough is another question, which a probe answers.
 */
final class HeatHistory
{
    /** Operations whose heat goes through what they are done to, when nobody says how hot. */
    private const THROUGH = ['bake', 'bake_water', 'blind_bake', 'boil', 'simmer', 'reduce', 'poach', 'steam', 'fry', 'cook_to', 'whisk_over_steam', 'pasteurise', 'meringue_swiss', 'meringue_italian', 'dry_on_hob', 'roast', 'cook_syrup', 'caramelise_wet', 'caramelise_dry', 'scald', 'roast_in_fat', 'curdle'];

    /**
     * @return array<string, bool> by the key of each line that is named: whether anything hot enough is done to it after it went in, or as it goes in
     */
    public static function of(Method $method): array
    {
        $heated = [];
        foreach ($method->acts as $n => $act) {
            foreach ($act->parts as $part) {
                // A line in two parts is as raw as the part that meets least.
                $is = self::isHeatedFrom($method, $n);
                $heated[$part->key()] = ($heated[$part->key()] ?? true) && $is;
            }
        }

        return $heated;
    }

    private static function isHeatedFrom(Method $method, int $from): bool
    {
        $in = [$from => true];
        foreach ($method->acts as $n => $act) {
            if ($n > $from && array_intersect_key(array_fill_keys($act->from, true), $in) !== []) {
                $in[$n] = true;
            }
            if (isset($in[$n]) && self::isThrough($act)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an act brings the whole of its mass to where egg and flour are safe, as far as its words say. */
    private static function isThrough(Act $act): bool
    {
        if ($act->operation->heats === 'oven') {
            return \in_array($act->operation->key, self::THROUGH, true) || $act->operation->key === 'dry_oven';
        }

        return $act->celsius !== null && $act->operation->isHot() ? $act->celsius >= Figure::EggDishSafe->number() : \in_array($act->operation->key, self::THROUGH, true);
    }
}
