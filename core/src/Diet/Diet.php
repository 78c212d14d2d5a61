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
}
