<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** Where the dish is sold, which decides what sweeteners a route may use (handbook table B, from memory: always check the local rules). */
enum Market: string
{
    case Eu = 'eu';
    case Uk = 'uk';
    case Us = 'us';
    case Anz = 'anz';
    case Other = 'other';

    /** Not authorised as a food or sweetener in the EU and the UK [mem]. */
    private const NOT_IN_EUROPE = ['allulose', 'allulose-syrup', 'monk-fruit-extract', 'monk-fruit-erythritol', 'monk-fruit-25'];

    /** Not authorised in the US [mem]. */
    private const NOT_IN_THE_US = ['cyclamate'];

    public function allows(string $ingredient): bool
    {
        return match ($this) {
            self::Eu, self::Uk => !\in_array($ingredient, self::NOT_IN_EUROPE, true),
            self::Us => !\in_array($ingredient, self::NOT_IN_THE_US, true),
            self::Anz, self::Other => true,
        };
    }

    /** Whether high-potency sweeteners have maxima in a dessert there ({@see \Transmuta\Property\SweetenerIntake::mostOf}). */
    public function limitsSweeteners(): bool
    {
        return match ($this) {
            self::Eu, self::Uk => true,
            self::Us, self::Anz, self::Other => false,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Eu => 'EU: no allulose, no monk fruit; sweeteners under their maxima',
            self::Uk => 'UK: no allulose, no monk fruit; sweeteners under their maxima',
            self::Us => 'US: no cyclamate',
            self::Anz => 'Australia and New Zealand',
            self::Other => 'elsewhere: nothing held back',
        };
    }
}
