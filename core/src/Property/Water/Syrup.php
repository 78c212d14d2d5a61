<?php

declare(strict_types=1);

namespace Transmuta\Property\Water;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;

/**
 * The water phase of a layer as a syrup: its dissolved sugars, polyols and allulose thicken it but never set it (honey pours), so its viscosity
 * is carried beside GE. mPa·s at 20 °C as a sucrose solution of the same strength, by the logarithm between the table's points.
 */
final readonly class Syrup
{
    private function __construct(public float $solids, public float $viscosity) {}

    /** Null where there is too little water (under 5 g per 100 g) for a syrup. */
    public static function of(LayerState $state, Reference $reference): ?self
    {
        if ($state->water < 5.0) {
            return null;
        }
        $dissolved = $state->sugars + $state->polyols + $state->of100('allulose') + $state->of100('dextrin');
        $solids = 100 * $dissolved / ($dissolved + $state->water);

        return new self($solids, self::at($solids, $reference));
    }

    /** mPa·s at 20 °C of a sucrose solution, 0…75 %; above that the value at 75 %. */
    public static function at(float $percent, Reference $reference): float
    {
        $table = $reference->viscosity;
        for ($n = 1; $n < \count($table); ++$n) {
            [$to, $high] = $table[$n];
            if ($percent <= $to || $n === \count($table) - 1) {
                [$from, $low] = $table[$n - 1];
                $share = min(1.0, max(0.0, ($percent - $from) / ($to - $from)));

                return $low * ($high / $low) ** $share;
            }
        }

        return $table[0][1] ?? 1.0;
    }

    public function word(): string
    {
        $word = '';
        foreach (Table::of('reference/pours') as $row) {
            $word = $row['word'];
            if ($this->viscosity < (float) $row['under']) {
                break;
            }
        }

        return $word;
    }
}
