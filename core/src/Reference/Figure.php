<?php

declare(strict_types=1);

namespace Transmuta\Reference;

/**
 * Figures of the trade, of the law and of our own judgement that rules compare with, each a row of `core/data/reference/figures.csv` with its unit, mark
 * and source. What a model needs to be computed at all (steps, grids, tolerances of a search) stays with the model.
 */
enum Figure: string
{
    case AftertasteDry = 'aftertaste.dry';
    case AlcoholFrom = 'alcohol.from';
    case AlginateUnbound = 'alginate.unbound';
    case AlluloseGentle = 'allulose.gentle';
    case AwDry = 'aw.dry';
    case BakeByChoiceOven = 'bake-by-choice.oven';
    case BakedMiddle = 'baked.middle';
    case BakedThinnest = 'baked.thinnest';
    case BakedUnsaid = 'baked.unsaid';
    case BakedWetMiddle = 'baked.wet-middle';
    case BalanceFree = 'balance.free';
    case BalanceTooLittle = 'balance.too-little';
    case BaseBakedCrumb = 'base.baked-crumb';
    case BaseBakedDamp = 'base.baked-damp';
    case BaseCoat = 'base.coat';
    case BaseOven = 'base.oven';
    case BasePressedCrumb = 'base.pressed-crumb';
    case BasePressedDamp = 'base.pressed-damp';
    case BaseSponge = 'base.sponge';
    case BodyAdult = 'body.adult';
    case BodyChild = 'body.child';
    case BufferNeutral = 'buffer.neutral';
    case CalciumFull = 'calcium.full';
    case CareSafe = 'care.safe';
    case CaseinFresh = 'casein.fresh';
    case CharacterAbout = 'character.about';
    case CharacterDry = 'character.dry';
    case CharacterFruit = 'character.fruit';
    case CharacterNeighbour = 'character.neighbour';
    case CheeseFull = 'cheese.full';
    case ColourSeen = 'colour.seen';
    case ColourYolkCurd = 'colour.yolk-curd';
    case ConditionSlices = 'condition.slices';
    case ContextSharp = 'context.sharp';
    case CookedApartShare = 'cooked-apart.share';
    case CookedApartWater = 'cooked-apart.water';
    case CookedUnsaid = 'cooked.unsaid';
    case CooledCore = 'cooled.core';
    case CoreEgg = 'core.egg';
    case CoreOff = 'core.off';
    case CornStarchStarch = 'corn-starch.starch';
    case CulturedBears = 'cultured.bears';
    case CulturedCool = 'cultured.cool';
    case CurdZest = 'curd.zest';
    case CurdlingNear = 'curdling.near';
    case Drop = 'drop';
    case EatenFrozen = 'eaten.frozen';
    case EggDishSafe = 'egg-dish.safe';
    case EggRunCooks = 'egg.run-cooks';
    case EggSets = 'egg.sets';
    case EggWhiteShare = 'egg.white-share';
    case EggYolkShare = 'egg.yolk-share';
    case EmulsionBlender = 'emulsion.blender';
    case EmulsionSeen = 'emulsion.seen';
    case EmulsionSure = 'emulsion.sure';
    case EmulsionWanted = 'emulsion.wanted';
    case EthanolDensity = 'ethanol.density';
    case FatContinuous = 'fat.continuous';
    case FatMouth = 'fat.mouth';
    case FatWax = 'fat.wax';
    case FaultAgainst = 'fault.against';
    case FaultDecides = 'fault.decides';
    case FaultFarOver = 'fault.far-over';
    case FaultOver = 'fault.over';
    case FoamSteady = 'foam.steady';
    case FoamTartar = 'foam.tartar';
    case FoodCodeCold = 'food-code.cold';
    case FoodCodeColdWithin = 'food-code.cold-within';
    case FoodCodeHot = 'food-code.hot';
    case FoodCodeOut = 'food-code.out';
    case FoodCodeWarm = 'food-code.warm';
    case FoodCodeWarmWithin = 'food-code.warm-within';
    case FruitSeen = 'fruit.seen';
    case GelatinHours = 'gelatin.hours';
    case GelatinMostCitrate = 'gelatin.most-citrate';
    case GelatinPh = 'gelatin.ph';
    case GelatinProtein = 'gelatin.protein';
    case GlutenDetectable = 'gluten.detectable';
    case HighProteinAim = 'high-protein.aim';
    case HighProteinMore = 'high-protein.more';
    case HighProteinPortion = 'high-protein.portion';
    case HighProteinShare = 'high-protein.share';
    case IceFilm = 'ice.film';
    case IceRoom = 'ice.room';
    case IceScoops = 'ice.scoops';
    case JellyFirm = 'jelly.firm';
    case JellyMouthful = 'jelly.mouthful';
    case KetoNetCarbs = 'keto.net-carbs';
    case GelSheared = 'gel.sheared';
    case KindAiry = 'kind.airy';
    case KindCrumb = 'kind.crumb';
    case KindMeringue = 'kind.meringue';
    case KindMeringueFat = 'kind.meringue-fat';
    case LabelFlavouring = 'label.flavouring';
    case LabelMonths = 'label.months';
    case LabelNetLeast = 'label.net-least';
    case LabelSulphites = 'label.sulphites';
    case LabelUsBoth = 'label.us-both';
    case LabelUsLarge = 'label.us-large';
    case LabelWater = 'label.water';
    case LactoseUnnoticed = 'lactose.unnoticed';
    case LayerSmall = 'layer.small';
    case LineDusting = 'line.dusting';
    case LineGreasing = 'line.greasing';
    case LineToTaste = 'line.to-taste';
    case LineToTastePinches = 'line.to-taste-pinches';
    case LowFatFat = 'low-fat.fat';
    case MeansMost = 'means.most';
    case MilkCurdlesBoiled = 'milk.curdles-boiled';
    case MilkStarched = 'milk.starched';
    case OvenBehind = 'oven.behind';
    case OvenCool = 'oven.cool';
    case OvenFan = 'oven.fan';
    case OvenGas0 = 'oven.gas-0';
    case OvenGasStep = 'oven.gas-step';
    case OvenSteams = 'oven.steams';
    case PacketAgrees = 'packet.agrees';
    case PacketLittle = 'packet.little';
    case PacketRounding = 'packet.rounding';
    case PacketTold = 'packet.told';
    case PanBoils = 'pan.boils';
    case PasteurisedMostSugar = 'pasteurised.most-sugar';
    case PenaltyDrop = 'penalty.drop';
    case PenaltyFewest = 'penalty.fewest';
    case PenaltyShare = 'penalty.share';
    case PhMargin = 'ph.margin';
    case PlannerAbout = 'planner.about';
    case PlannerFatty = 'planner.fatty';
    case PlannerHasProtein = 'planner.has-protein';
    case PlannerLeanWhip = 'planner.lean-whip';
    case PlannerLecithin = 'planner.lecithin';
    case PlannerLiquid = 'planner.liquid';
    case PlannerMain = 'planner.main';
    case PlannerMoist = 'planner.moist';
    case PlannerPart = 'planner.part';
    case PlannerSeasoning = 'planner.seasoning';
    case PlannerSpared = 'planner.spared';
    case PlannerSparedShare = 'planner.spared-share';
    case PlannerStaysAbout = 'planner.stays-about';
    case PlannerWeighed = 'planner.weighed';
    case PolyolCured = 'polyol.cured';
    case PolyolOfSugar = 'polyol.of-sugar';
    case PolyolPortion = 'polyol.portion';
    case PomaceSolids = 'pomace.solids';
    case ProtocolFriction = 'protocol.friction';
    case RawBaseOven = 'raw-base.oven';
    case ReducedSugarShare = 'reduced-sugar.share';
    case RipensShare = 'ripens.share';
    case RunBoils = 'run.boils';
    case RunCold = 'run.cold';
    case ScaleLeast = 'scale.least';
    case ScaleShows = 'scale.shows';
    case ScaleSmallUnder = 'scale.small-under';
    case ScaleWeighable = 'scale.weighable';
    case SetFurthest = 'set.furthest';
    case SetKitchens = 'set.kitchens';
    case SetRepeat = 'set.repeat';
    case SimilarityBeta = 'similarity.beta';
    case SoyCoagulant = 'soy.coagulant';
    case StarchMeant = 'starch.meant';
    case StockLiquid = 'stock.liquid';
    case StockOfLiquid = 'stock.of-liquid';
    case SucroseFreezeConcentrated = 'sucrose.freeze-concentrated';
    case SugaredFrom = 'sugared.from';
    case SweetenerBitter = 'sweetener.bitter';
    case SweetenerPerLitre = 'sweetener.per-litre';
    case SweetenerShy = 'sweetener.shy';
    case TasteTooSharp = 'taste.too-sharp';
    case TasteTooSharpIce = 'taste.too-sharp-ice';
    case TrialEnough = 'trial.enough';
    case TrialOff = 'trial.off';
    case TrialRepeat = 'trial.repeat';
    case VesselPortionWidth = 'vessel.portion-width';
    case VesselSmall = 'vessel.small';
    case WetMiddle = 'wet.middle';
    case Unsweet = 'unsweet';

    /**
     * @return float in the unit of its row
     *
     * @throws BrokenTable if the table has no such row
     */
    public function number(): float
    {
        return self::all()[$this->value] ?? throw BrokenTable::missing("figures.csv: $this->value");
    }

    /** @return array<string, float> by key */
    private static function all(): array
    {
        return Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('reference/figures') as $row) {
                $made[$row['key']] = (float) $row['value'];
            }

            return $made;
        });
    }
}
