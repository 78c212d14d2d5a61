<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;

/** What an ingredient asks of the hand that puts it in: told by the watch, and seen to by whoever plans a layer. */
final class Care
{
    /** °C that cultured dairy may meet (handbook F 24), and °C that is sure to be under that. */
    public const CULTURED_BEARS = 40.0;
    public const COOL = 38.0;

    /** °C through which flour and egg are safe to eat. */
    public const SAFE = 70.0;

    /** Cultured cream and cheese, which loosen and split in a hot mass. */
    public static function splitsWarm(Ingredient $in): bool
    {
        return $in->group === 'dairy' && $in->ph !== null && $in->ph < 5.2;
    }

    public static function isRawEgg(Ingredient $in): bool
    {
        return $in->group === 'egg' && $in->comesFrom('egg') && !$in->is(Nature::Pasteurised);
    }

    /** Flour, or a dough that is sold to be baked. */
    public static function isRawFlour(Ingredient $in): bool
    {
        return $in->is(Nature::RawDough) || ($in->isFlour() && !$in->is(Nature::HeatTreatedGrain));
    }
}
