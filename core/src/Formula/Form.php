<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** The form an ingredient goes in as, where that changes what it does: a sub-step of its line alone. */
enum Form: string
{
    case Boiled = 'boiled';
    case Heated = 'heated';
    case Melted = 'melted';
    case Whipped = 'whipped';
    case Infused = 'infused';
    case Baked = 'baked';
    case Grated = 'grated';

    /** Those that the words of a typed line say of it; the others come of a route. */
    public const SAID = [self::Boiled, self::Melted, self::Whipped, self::Heated, self::Infused];

    public function words(): string
    {
        return match ($this) {
            self::Boiled => 'boiled with its liquid',
            self::Heated => 'heated before it goes in',
            self::Melted => 'melted',
            self::Whipped => 'whipped and folded in',
            self::Infused => 'infused and strained out',
            self::Baked => 'baked',
            self::Grated => 'grated',
        };
    }
}
