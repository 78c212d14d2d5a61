<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Structure\DryStructure;

/** What kind of food a layer is, as far as a verdict on it goes: a base stands by its dry structure, a foam by its air. */
enum LayerKind: string
{
    case Base = 'base';
    case Foam = 'foam';
    case Filling = 'filling';

    /** Air from which a layer counts as a foam, share of its volume [trade]. */
    private const AIRY = 0.2;

    /** Dry structure from which a layer is a cake, a crumb or a soaked biscuit and not a cream, g per 100 g [trade]. */
    private const CRUMB = 12.0;

    /** Whether a layer stands by its flour or crumb as a base does, though it is none: a sponge, a pudding of bread or dates, soaked fingers. */
    public static function isCrumb(LayerReading $layer): bool
    {
        if ($layer->baseWords !== null || DryStructure::of($layer->state) < self::CRUMB) {
            return false;
        }
        foreach ($layer->state->model->portions as $i => $portion) {
            if ($portion->ingredient->group === 'base' && $layer->state->share[$i] > self::CRUMB) {
                return true;
            }
        }

        return $layer->layer->treatment->bakes();
    }

    public static function of(LayerReading $layer): self
    {
        return match (true) {
            $layer->baseWords !== null => self::Base,
            $layer->airShare > self::AIRY => self::Foam,
            default => self::Filling,
        };
    }
}
