<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/**
 * What an ingredient is to the rules that cannot be told from its composition: pasteurised, kilned, eaten raw. Which ingredients have one stands in
 * `core/data/shelf/natures.csv`, by class where the whole class has it, so that what comes to the shelf later is judged with its kind.
 */
enum Nature: string
{
    case Pasteurised = 'pasteurised';
    /** Is also made and sold of unpasteurised milk. */
    case RawMilkSold = 'raw-milk-sold';
    case HeatTreatedGrain = 'heat-treated-grain';
    case WheyPowder = 'whey-powder';
    /** A dough that is sold to be baked: its flour is raw. */
    case RawDough = 'raw-dough';
    case FickleFoam = 'fickle-foam';
    case PouringCream = 'pouring-cream';
    case FirmsAsCheese = 'firms-as-cheese';
    case CheesecakeBody = 'cheesecake-body';
    case WhiteFoam = 'white-foam';
    case PulseFoam = 'pulse-foam';
    case DustingSugar = 'dusting-sugar';
    case CrumbMeal = 'crumb-meal';
    case SpoilsSoon = 'spoils-soon';
    case SoakOvernight = 'soak-overnight';
    case ChillUnshaken = 'chill-unshaken';
    case Tonka = 'tonka';
    case Nutmeg = 'nutmeg-spice';
    case RawElderberry = 'raw-elderberry';
    case ChokingGel = 'choking-gel';
    case UsTreeNut = 'us-tree-nut';
    case CoconutHardFat = 'coconut-hard-fat';
    /** May have been heated before it came: a raw kitchen asks. */
    case RawAsked = 'raw-asked';
    /** Was cooked, canned or roasted, though its group is mostly raw. */
    case HeatedAtSource = 'heated-at-source';
    /** Stays in a raw kitchen though its group is mostly cooked. */
    case RawKept = 'raw-kept';
    case Yolk = 'yolk';
    case White = 'white';
    case PressedJuice = 'pressed-juice';
    case PuffPastry = 'puff-pastry';
    case WholeEggCounted = 'whole-egg-counted';
    case YolkCounted = 'yolk-counted';
    case WhiteCounted = 'white-counted';
    case PasteurisedEggCounted = 'pasteurised-egg-counted';
    /** Milk or cream that nobody has pasteurised. */
    case Unpasteurised = 'unpasteurised';
    /** A pulse that is sold raw and is not eaten so. */
    case RawPulse = 'raw-pulse';
    /** Frozen and not heated, it has made people ill. */
    case FrozenRisk = 'frozen-risk';
    /** What small children choke on where it is left whole. */
    case ChokingWhole = 'choking-whole';
    case UnnamedLeaf = 'unnamed-leaf';
}
