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

    /**
     * Who must not rely on it, and whom they ask: said where it is chosen, and on the card (practice: cautions). A diet kept for an illness is a matter of
     * licensed practice; what is computed here stands in for nothing of it.
     */
    public function caution(): string
    {
        return match ($this) {
            self::Vegan => 'Vegan is no allergy statement: traces of milk and egg are not computed.',
            self::Eggless => 'Eggless by its lines is no statement for an egg allergy: traces are not computed.',
            self::Vegetarian => 'By what the lines are made of; what a packet does not tell is asked of its maker.',
            self::DairyFree => 'Dairy-free is no statement for a milk allergy: traces are not computed, and lactose-free is another matter.',
            self::GlutenFree => 'For coeliac guests it needs certified inputs and a controlled kitchen: no calculation shows 20 mg/kg.',
            self::Keto => 'Net carbohydrate is computed from typical values. Who keeps to it for an illness, or doses insulin by it, goes by their clinic.',
            self::HighProtein => 'Protein is limited in kidney disease: such a guest asks their clinic first.',
            self::NutFree => 'Nut-free by its lines is no statement for a nut allergy: traces are not computed, and every packet is read.',
            self::SoyFree => 'Soy-free by its lines is no statement for a soy allergy: traces are not computed.',
            self::AlcoholFree => 'Extracts and essences may be made with alcohol: the packet is asked. For faith or recovery, none at all is another thing than little.',
            self::ReducedSugar => 'Less sugar is no food for diabetes by itself: starch and polyols count too, and doses are a clinic’s matter.',
            self::LowFat => 'For an illness of the pancreas or gall bladder the clinic’s own limit counts.',
            self::Raw => 'Raw is not kept safe by heat: not for pregnant, very young, old or ill guests without your local code’s word.',
        };
    }

    /** Whether it is a matter of how much a portion holds, so that no ingredient meets or misses it by itself. */
    public function isByAmount(): bool
    {
        return \in_array($this, [self::HighProtein, self::ReducedSugar, self::LowFat], true);
    }
}
