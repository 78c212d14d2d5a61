<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

/** What a step is. Hands, station, tools, the cook's sign of its end and its rescue stand in `core/data/process/kinds.csv`, a row for each. */
enum StepKind: string
{
    case Weigh = 'weigh';
    case ChillTools = 'chill_tools';
    case LineTin = 'line_tin';
    case PrepFruit = 'prep_fruit';
    case Separate = 'separate';
    case Soak = 'soak';
    case Swell = 'swell';
    case Hydrate = 'hydrate';
    case Slurry = 'slurry';
    case MixDry = 'mix_dry';
    case Crush = 'crush';
    case Toast = 'toast';
    case Melt = 'melt';
    case Heat = 'heat';
    case Cook = 'cook';
    case Boil = 'boil';
    case Caramelise = 'caramelise';
    case Reduce = 'reduce';
    case Bake = 'bake';
    case Cool = 'cool';
    case Rest = 'rest';
    case Blend = 'blend';
    case Beat = 'beat';
    case Whip = 'whip';
    case Foam = 'foam';
    case TemperIn = 'temper_in';
    case Fold = 'fold';
    case Strain = 'strain';
    case PressBase = 'press_base';
    case Knead = 'knead';
    case LayIn = 'lay_in';
    case Fill = 'fill';
    case Chill = 'chill';
    case Freeze = 'freeze';
    case TemperOut = 'temper_out';
    case Unmould = 'unmould';
    case Cut = 'cut';
    case Glaze = 'glaze';
    case Garnish = 'garnish';
}
