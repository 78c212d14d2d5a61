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

    public function allows(string $ingredient): bool
    {
        return !\in_array($ingredient, MarketBook::heldBack($this->value), true);
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
