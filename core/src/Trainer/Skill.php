<?php

declare(strict_types=1);

namespace Transmuta\Trainer;

/** What a cook learns to foretell. */
enum Skill: string
{
    case Set = 'set';
    case Sweetness = 'sweetness';
    case Split = 'split';
    case Dose = 'dose';
    case Trial = 'trial';

    public function words(): string
    {
        return match ($this) {
            self::Set => 'how it sets when something leaves',
            self::Sweetness => 'which is sweeter',
            self::Split => 'what will split',
            self::Dose => 'how much sets it',
            self::Trial => 'what came out here before',
        };
    }
}
