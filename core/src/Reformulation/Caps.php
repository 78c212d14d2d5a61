<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Shelf\Ingredient;

/** What several things together may come to in a layer, g per 100 g: protein powders, polyols, gums, liquid oils. Never less than the original held. */
final readonly class Caps
{
    /** A layer that was mostly sugar may hold this share of it as polyols. */
    private const OF_SUGAR = 0.45;

    /** How sharply each is held, g per 100 g. */
    private const WIDTH = ['powder' => 0.02, 'polyol' => 0.5, 'gum' => 0.02, 'oil' => 0.3];

    /** @param array<string, float> $most g per 100 g, by what is summed */
    private function __construct(private array $most) {}

    public static function of(LayerReading $was, Place $place): self
    {
        $most = [];
        foreach (self::sums($was->state) as $what => $had) {
            $most[$what] = max($had, MeansBook::together($what, $place->value), $what === 'polyol' ? self::OF_SUGAR * $was->state->sugars : 0.0);
        }

        return new self($most);
    }

    /** @return list<float> residuals of what is over, in widths; the same rows for every weighing */
    public function over(LayerState $state): array
    {
        $rows = [];
        foreach (self::sums($state) as $what => $has) {
            $rows[] = Smooth::positive($has - $this->most[$what], 0.4 * self::WIDTH[$what]) / self::WIDTH[$what];
        }

        return $rows;
    }

    /** @return array{powder: float, polyol: float, gum: float, oil: float} g per 100 g */
    private static function sums(LayerState $state): array
    {
        $sums = ['powder' => 0.0, 'polyol' => $state->polyols, 'gum' => 0.0, 'oil' => 0.0];
        foreach ($state->model->portions as $i => $portion) {
            $what = self::what($portion->ingredient);
            if ($what !== null) {
                $sums[$what] += $state->share[$i];
            }
        }

        return $sums;
    }

    /** @return 'powder'|'gum'|'oil'|null */
    private static function what(Ingredient $in): ?string
    {
        return match (true) {
            $in->group === 'protein' => 'powder',
            $in->class === 'thickener' => 'gum',
            $in->class === 'oil' => 'oil',
            default => null,
        };
    }
}
