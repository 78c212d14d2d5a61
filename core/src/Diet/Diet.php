<?php

declare(strict_types=1);

namespace Transmuta\Diet;

enum Diet: string
{
    case Vegan = 'vegan';
    case Eggless = 'eggless';
    case Vegetarian = 'vegetarian';
    case DairyFree = 'dairy-free';
    case GlutenFree = 'gluten-free';
    case Keto = 'keto';
    case HighProtein = 'high-protein';
    case NutFree = 'nut-free';
    case SoyFree = 'soy-free';
    case AlcoholFree = 'alcohol-free';
    case ReducedSugar = 'reduced-sugar';
    case LowFat = 'low-fat';
    case Raw = 'raw';

    /** The five a dish is asked for most, which stand side by side. */
    public const MOST_ASKED = [self::Vegan, self::Eggless, self::GlutenFree, self::Keto, self::HighProtein];

    public function words(): string
    {
        return match ($this) {
            self::Vegan => 'Vegan',
            self::Eggless => 'Eggless',
            self::Vegetarian => 'No gelatin (vegetarian)',
            self::DairyFree => 'Dairy-free',
            self::GlutenFree => 'Gluten-free',
            self::Keto => 'Keto',
            self::HighProtein => 'High protein',
            self::NutFree => 'Nut-free',
            self::SoyFree => 'Soy-free',
            self::AlcoholFree => 'Alcohol-free',
            self::ReducedSugar => 'Reduced sugar',
            self::LowFat => 'Low fat',
            self::Raw => 'Raw',
        };
    }

    /** Whether it is a matter of how much a portion holds, so that no ingredient meets or misses it by itself. */
    public function isByAmount(): bool
    {
        return \in_array($this, [self::HighProtein, self::ReducedSugar, self::LowFat], true);
    }
}
