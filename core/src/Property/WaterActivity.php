<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Reference\Reference;

/** Water activity by Norrish, ln aw = ln xw − K·xs², each solute alone in all the water, joined by Ross' product rule. */
final readonly class WaterActivity
{
    public function __construct(private Reference $reference) {}

    public function aw(LayerState $state): float
    {
        if ($state->water < 0.5) {
            return 0.2;
        }
        $product = 1.0;
        foreach ($this->reference->solutes as $name => $row) {
            $moles = self::grams($state, $name) / $row['molar'] * $row['ions'];
            if ($moles > 0.0) {
                $product *= self::single($moles, $state->water / 18.015, $row['k']);
            }
        }

        return $product;
    }

    /** aw of one solute (moles) in water (moles) with Norrish constant K. */
    public static function single(float $solute, float $water, float $k): float
    {
        $xs = $solute / ($solute + $water);

        return (1.0 - $xs) * exp(-$k * $xs ** 2);
    }

    /** g per 100 g of a solute of the table; crystals beyond solubility are not told apart. */
    public static function grams(LayerState $state, string $solute): float
    {
        return match ($solute) {
            'salt', 'alcohol', 'allulose' => $state->of100($solute),
            'acid' => $state->acids,
            default => $state->of100("sugar.$solute") + $state->of100("polyol.$solute"),
        };
    }
}
