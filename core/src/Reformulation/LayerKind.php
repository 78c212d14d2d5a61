<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Property\LayerReading;

/** What kind of food a layer is, as far as a verdict on it goes: a base stands by its dry structure, a foam by its air. */
enum LayerKind: string
{
    case Base = 'base';
    case Foam = 'foam';
    case Filling = 'filling';

    /** Air from which a layer counts as a foam, share of its volume [trade]. */
    private const AIRY = 0.2;

    public static function of(LayerReading $layer): self
    {
        return match (true) {
            $layer->baseWords !== null => self::Base,
            $layer->airShare > self::AIRY => self::Foam,
            default => self::Filling,
        };
    }
}
