<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\Treatment;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;

/** What an ingredient asks of the hand that puts it in: told by the watch, and seen to by whoever plans a layer. */
final class Care
{
    /** Cultured cream and cheese, which loosen and split in a hot mass. */
    public static function splitsWarm(Ingredient $in): bool
    {
        return $in->group === 'dairy' && $in->ph !== null && $in->ph < 5.2;
    }

    public static function isRawEgg(Ingredient $in): bool
    {
        return $in->group === 'egg' && $in->comesFrom('egg') && !$in->is(Nature::Pasteurised);
    }

    /** White that is whipped, by itself or with its layer: it is folded into what was heated before it. */
    public static function isFoldedIn(Ingredient $in, bool $isWhipped, Treatment $treatment): bool
    {
        return $in->is(Nature::White) && ($isWhipped || $treatment->isWhipped());
    }

    /**
     * Whether what is done to its layer makes it safe to eat; of white that is folded in, only what is done after it was whipped.
     *
     * @param bool $isWhipped whether it is whipped by itself
     */
    public static function isHeatedBy(Treatment $treatment, Ingredient $in, bool $isWhipped): bool
    {
        return self::isFoldedIn($in, $isWhipped, $treatment) ? $treatment->heatsAfterWhipping(Figure::CareSafe->number()) : $treatment->reaches(Figure::CareSafe->number());
    }

    /** Flour, or a dough that is sold to be baked. */
    public static function isRawFlour(Ingredient $in): bool
    {
        return $in->is(Nature::RawDough) || ($in->isFlour() && !$in->is(Nature::HeatTreatedGrain));
    }
}
