<?php

declare(strict_types=1);

namespace Transmuta\Formula;

enum TreatmentKind: string
{
    case Cook = 'cook';
    case Bake = 'bake';
    case Boil = 'boil';
    case Whip = 'whip';
    case Melt = 'melt';
    case Freeze = 'freeze';
    case None = 'none';

    public function isHot(): bool
    {
        return match ($this) {
            self::Cook, self::Bake, self::Boil => true,
            self::Whip, self::Melt, self::Freeze, self::None => false,
        };
    }
}
