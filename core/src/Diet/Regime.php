<?php

declare(strict_types=1);

namespace Transmuta\Diet;

/** Whose food law a word belongs to. */
enum Regime: string
{
    case Eu = 'eu';
    case Us = 'us';
    case Anz = 'anz';

    public function words(): string
    {
        return match ($this) {
            self::Eu => 'EU',
            self::Us => 'US',
            self::Anz => 'Australia and New Zealand',
        };
    }
}
