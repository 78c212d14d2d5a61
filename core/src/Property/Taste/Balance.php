<?php

declare(strict_types=1);

namespace Transmuta\Property\Taste;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;

/**
 * Sweet against sharp: soluble solids, the sugar-to-acid ratio and BrimA = °Brix − k·acid (k is fruit-specific, 2–10; the California
 * citrus standard uses 4). The second BrimA has sucrose equivalents in place of °Brix: that is our own extension.
 */
final readonly class Balance
{
    /** k of the California citrus standard [pub form, practice: sweeteners]. */
    public const K = 4.0;

    private function __construct(public float $brix, public float $acid, public ?float $ratio, public ?float $brimA, public ?float $brimASweet) {}

    /** Brix is the refractometer's: what is dissolved, g per 100 g of the layer without its fat and fibre. */
    public static function of(LayerState $state, float $se, float $acid): self
    {
        $dissolved = $state->sugars + $state->polyols + $state->of100('allulose') + $state->of100('dextrin') + $state->acids + $state->of100('salt');
        $liquid = $state->water + $dissolved + $state->of100('alcohol');
        $brix = $liquid > 1.0 ? 100 * $dissolved / $liquid : 0.0;
        if ($acid < Figure::BalanceTooLittle->number()) {
            return new self($brix, $acid, null, null, null);
        }

        return new self($brix, $acid, $se / $acid, $brix - self::K * $acid, $se - self::K * $acid);
    }

    /** Words for the ratio; the bounds are from memory. */
    public function word(): string
    {
        return match (true) {
            $this->ratio === null => 'not sharp',
            $this->ratio < 8.0 => 'very sharp',
            $this->ratio < 14.0 => 'sharp',
            $this->ratio < 25.0 => 'balanced',
            $this->ratio < 45.0 => 'sweet',
            default => 'very sweet',
        };
    }
}
