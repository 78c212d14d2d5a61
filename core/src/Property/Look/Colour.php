<?php

declare(strict_types=1);

namespace Transmuta\Property\Look;

use Transmuta\Property\LayerState;
use Transmuta\Property\Portion;

/**
 * How strongly a layer is coloured, by hue: yellow as g egg yolk, brown as g cocoa powder, red as g raspberry in 100 g that would colour as much.
 * Strengths stand in `shelf/functions.csv` as `colour-yellow`, `colour-brown`, `colour-red`, from memory: they say whose colour it is, not its shade.
 */
final class Colour
{
    public const HUES = ['yellow', 'brown', 'red'];

    /** Strength under which a hue is not seen, g per 100 g of its own measure. */
    private const SEEN = ['yellow' => 1.0, 'brown' => 0.4, 'red' => 2.0];

    /** @return array<string, float> g per 100 g by hue */
    public static function of(LayerState $state): array
    {
        $strength = ['yellow' => 0.0, 'brown' => 0.0, 'red' => 0.0];
        foreach ($state->model->portions as $i => $portion) {
            if ($state->share[$i] > 0.0 && $portion->ingredient->functions !== []) {
                foreach (self::HUES as $hue) {
                    $strength[$hue] += $state->share[$i] * $portion->ingredient->does("colour-$hue");
                }
            }
        }

        return $strength;
    }

    /** @return list<float> share 0…1 of the strongest hue that each line gives; 0 where nothing colours the layer */
    public static function shares(LayerState $state): array
    {
        $best = null;
        foreach (self::of($state) as $hue => $strength) {
            if ($strength >= self::SEEN[$hue] && ($best === null || $strength / self::SEEN[$hue] > $best[1] / self::SEEN[$best[0]])) {
                $best = [$hue, $strength];
            }
        }

        return array_map(
            static fn(Portion $portion, float $share): float => $best === null ? 0.0 : $share * $portion->ingredient->does("colour-$best[0]") / $best[1],
            $state->model->portions,
            $state->share,
        );
    }
}
