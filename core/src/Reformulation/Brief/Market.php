<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Brief;

/** Where the dish is sold, which decides what sweeteners a route may use (practice: sweeteners, from memory: always check the local rules). */
enum Market: string
{
    case Eu = 'eu';
    case Uk = 'uk';
    case Us = 'us';
    case Anz = 'anz';
    case India = 'in';
    case Canada = 'ca';
    case Other = 'other';

    public function allows(string $ingredient): bool
    {
        return !\in_array($ingredient, MarketBook::heldBack($this->value), true);
    }

    /** Whether high-potency sweeteners have maxima in a dessert there ({@see \Transmuta\Property\Taste\SweetenerIntake::mostOf}). */
    public function limitsSweeteners(): bool
    {
        return match ($this) {
            // India has maxima of its own: until they are checked the European ones hold there.
            self::Eu, self::Uk, self::India => true,
            self::Us, self::Anz, self::Canada, self::Other => false,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Eu => 'EU: no allulose, no monk fruit; sweeteners under their maxima',
            self::Uk => 'UK: no allulose, no monk fruit; sweeteners under their maxima',
            self::Us => 'US: no cyclamate',
            self::Anz => 'Australia and New Zealand: no allulose; cyclamate and steviol have maxima to be checked',
            self::India => 'India: no cyclamate, and no allulose or monk fruit until checked; sweeteners under maxima',
            self::Canada => 'Canada: no cyclamate, and no allulose or monk fruit until checked',
            self::Other => 'elsewhere: nothing held back',
        };
    }
}
