<?php

declare(strict_types=1);

namespace Transmuta\Property\Taste;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * What sweeteners leave on the tongue beside sweetness: the cold of what dissolves only in the mouth (practice: sweeteners: it matters where the sweetener is
 * undissolved), and how near each high-potency sweetener runs to the ceiling at which it turns bitter.
 */
final readonly class Aftertaste
{
    /**
     * @param float $cooling J taken up as 1 g of the layer dissolves
     * @param array<string, float> $ofCeiling share of its sensible ceiling that each pool of high-potency sweeteners uses, by receptor; over 1 is bitter
     */
    private function __construct(public float $cooling, public array $ofCeiling, private float $slight, private float $clear) {}

    public static function of(LayerState $state, Sweetness $sweetness, Reference $reference): self
    {
        $joules = 0.0;
        foreach ($reference->sweeteners as $species => $row) {
            $grams = match ($row['kind']) {
                'polyol' => $state->of100("polyol.$species"),
                'sugar' => $species === 'sucrose' ? 0.0 : $state->of100("sugar.$species"),
                default => 0.0,
            };
            if ($grams <= 0.0 || $row['cooling_j_g'] === '') {
                continue;
            }
            $holds = $row['solubility_5'] !== '' ? $row['solubility_5'] : $row['solubility_20'];
            $dissolved = $state->water < Figure::AftertasteDry->number() || $holds === '' ? 0.0 : (float) $holds * $state->water / 100;
            $joules += max(0.0, $grams - $dissolved) / 100 * (float) $row['cooling_j_g'];
        }

        return new self(
            $joules,
            self::ofCeilings($sweetness->shares($state), $sweetness),
            $reference->cooking['cooling-slight'],
            $reference->cooking['cooling-clear'],
        );
    }

    /**
     * @param array<string, float> $shares of the maximum, by receptor
     *
     * @return array<string, float> of the ceiling
     */
    private static function ofCeilings(array $shares, Sweetness $sweetness): array
    {
        foreach ($shares as $receptor => $share) {
            $shares[$receptor] = $share / $sweetness->ceiling($receptor);
        }

        return $shares;
    }

    public function cold(): string
    {
        return $this->cooling < $this->slight ? 'none' : ($this->cooling < $this->clear ? 'a cool edge' : 'plainly cold');
    }

    public function bitter(): string
    {
        $most = max([0.0, ...array_values($this->ofCeiling)]);

        return $most > 1.0 ? 'bitter' : ($most > 0.8 ? 'a bitter edge' : 'none');
    }
}
