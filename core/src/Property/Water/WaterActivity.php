<?php

declare(strict_types=1);

namespace Transmuta\Property\Water;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;

/** Water activity by Norrish, ln aw = ln xw − K·xs², each solute alone in all the water, joined by Ross' product rule. */
final readonly class WaterActivity
{
    /** @var array<string, array{molar: float, k: float, ions: float}> solutes that are one part of a composition, by that part */
    private array $byPart;

    public function __construct(private Reference $reference)
    {
        $byPart = [];
        foreach ($reference->solutes as $name => $row) {
            foreach (self::partsOf($name) as $part) {
                $byPart[$part] = $row;
            }
        }
        $this->byPart = $byPart;
    }

    public function aw(LayerState $state): float
    {
        if ($state->water < 0.5) {
            return 0.2;
        }
        $product = 1.0;
        $water = $state->water / 18.015;
        foreach ($state->parts as $part => $grams) {
            if ($grams > 0.0 && isset($this->byPart[$part])) {
                $row = $this->byPart[$part];
                $product *= self::single($grams / $row['molar'] * $row['ions'], $water, $row['k']);
            }
        }
        foreach (['acid', 'soluble-fibre'] as $solute) {
            $grams = self::grams($state, $solute);
            if ($grams > 0.0) {
                $row = $this->reference->solutes[$solute];
                $product *= self::single($grams / $row['molar'] * $row['ions'], $water, $row['k']);
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
            'acid' => $state->acids,
            'soluble-fibre' => max(0.0, $state->of100('fibre') - $state->of100('insoluble')),
            default => array_sum(array_map($state->of100(...), self::partsOf($solute))),
        };
    }

    /** @return list<string> parts of a composition that are this solute; acids are summed by the layer itself */
    private static function partsOf(string $solute): array
    {
        return match ($solute) {
            'acid' => [],
            'salt', 'alcohol', 'allulose', 'dextrin', 'ash' => [$solute],
            // Fibre less what of it does not dissolve: {@see grams} and {@see aw}.
            'soluble-fibre' => [],
            default => ["sugar.$solute", "polyol.$solute"],
        };
    }
}
