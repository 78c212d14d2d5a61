<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Property\DishReading;
use Transmuta\Reference\Figure;

/** What outranks every rescue, where the run proves it; and what is said beside one all the same. */
final class Stops
{
    /** @return list<string> */
    public static function proven(RunFacts $run): array
    {
        $stops = [];
        $out = $run->of('out_min');
        $at = $run->of('out_c');
        if ($out !== null && $out > Figure::FoodCodeOut->number() && $at !== null && $at > Figure::FoodCodeCold->number() && $at < Figure::FoodCodeHot->number()) {
            $stops[] = \sprintf('It stood %.0f min at %.0f °C: over 4 h between 5 and 57 °C it is discarded, and nothing here rescues it (FDA Food Code 2022, 3-501.19). Your local code comes first.', $out, $at);
        }
        $cold = $run->of('cold_h');
        $core = $run->of('core_c');
        if ($cold !== null && $core !== null && $cold >= Figure::FoodCodeColdWithin->number() && $core > Figure::FoodCodeCold->number() && $core < Figure::FoodCodeHot->number() && $run->of('frozen') !== 1.0) {
            $stops[] = \sprintf('%.0f h in the cold and %.0f °C in the middle: it must be at 5 °C within 6 h of 57; it is discarded (FDA Food Code 2022, 3-501.14). Your local code comes first.', $cold, $core);
        }

        return $stops;
    }

    /** @return list<string> */
    public static function cautions(DishReading $dish, RunFacts $run): array
    {
        $cautions = ['Reheat once at most, to 74 °C within 2 h (FDA Food Code 2022, 3-403.11), never a whipped or raw-egg layer; mould, gas or a sour smell: discard.', 'A rescue that adds a line makes another dish: diets and allergens are read again before it is offered.'];
        if ($run->of('out_min') === null || $run->of('out_c') === null) {
            $cautions[] = 'How long it stood between 5 and 57 °C is not known: over 4 h it is discarded, whatever the cause.';
        }
        if ($dish->contains !== []) {
            $cautions[] = 'Contains ' . implode(', ', $dish->contains) . '.';
        }

        return $cautions;
    }
}
