<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

/** Where a step is done. */
enum Station: string
{
    case Bench = 'bench';
    case Hob = 'hob';
    case Oven = 'oven';
    case Mixer = 'mixer';
    case Blender = 'blender';
    case Fridge = 'fridge';
    case Freezer = 'freezer';

    /** Whether it is kept busy until what stands in it is done, and somebody is there: a fridge needs nobody. */
    public function runs(): bool
    {
        return match ($this) {
            self::Hob, self::Oven, self::Mixer, self::Blender => true,
            self::Bench, self::Fridge, self::Freezer => false,
        };
    }
}
