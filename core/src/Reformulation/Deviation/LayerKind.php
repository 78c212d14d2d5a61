<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Structure\DryStructure;
use Transmuta\Reference\Figure;

/** What kind of food a layer is, as far as a verdict on it goes: a base stands by its dry structure, a foam by its air. */
enum LayerKind: string
{
    case Base = 'base';
    case Foam = 'foam';
    case Filling = 'filling';

    /** Whether a layer stands by its flour or crumb as a base does, though it is none: a sponge, a pudding of bread or dates, soaked fingers. */
    public static function isCrumb(LayerReading $layer): bool
    {
        if ($layer->baseWords !== null || DryStructure::of($layer->state) < Figure::KindCrumb->number()) {
            return false;
        }
        foreach ($layer->state->model->portions as $i => $portion) {
            if ($portion->ingredient->group === 'base' && $layer->state->share[$i] > Figure::KindCrumb->number()) {
                return true;
            }
        }

        return $layer->layer->treatment->bakes();
    }

    /**
     * Whether a layer is a foam that its oven dries or bakes through, a meringue by its sugar or a sponge by its flour: it stands by those, and no gel
     * holds it up.
     */
    public static function isBakedFoam(LayerReading $layer): bool
    {
        $isAiry = $layer->airShare > Figure::KindAiry->number() || $layer->layer->treatment->has(TreatmentKind::Whip);

        return $layer->layer->treatment->bakes() && $isAiry && (self::isCrumb($layer) || self::isMeringue($layer));
    }

    /** Whether most of a layer is sugar in a foam without fat. */
    private static function isMeringue(LayerReading $layer): bool
    {
        return $layer->state->bulk() >= Figure::KindMeringue->number() && $layer->state->fat < Figure::KindMeringueFat->number();
    }

    public static function of(LayerReading $layer): self
    {
        return match (true) {
            $layer->baseWords !== null => self::Base,
            $layer->airShare > Figure::KindAiry->number() => self::Foam,
            default => self::Filling,
        };
    }
}
