<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

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

    public static function of(LayerReading $layer): self
    {
        return match (true) {
            $layer->baseWords !== null => self::Base,
            $layer->airShare > Figure::KindAiry->number() => self::Foam,
            default => self::Filling,
        };
    }
}
