<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Shelf\Ingredient;

/** Classes that do the same work: of each, one thing in a layer is enough. */
final class Kin
{
    private const OF = [
        ['milk', 'plant-milk', 'evaporated-milk'],
        ['coconut-milk', 'whipping-cream', 'pouring-cream', 'plant-whipping-cream', 'plant-pouring-cream'],
        ['butter', 'plant-butter', 'coconut-fat', 'oil', 'hard-fat', 'cocoa-butter', 'butterfat'],
        ['starch', 'custard-powder'],
        ['gel-agent', 'gelatin', 'thickener', 'seed-gel'],
        ['milk-protein', 'plant-protein', 'sweet-protein', 'dried-white', 'collagen'],
    ];

    /** Whether two different things do the same work. */
    public static function are(Ingredient $one, Ingredient $other): bool
    {
        foreach (self::OF as $classes) {
            if ($one->id !== $other->id && \in_array($one->class, $classes, true) && \in_array($other->class, $classes, true)) {
                return true;
            }
        }

        return false;
    }
}
