<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\Tin;

/** The dish cut down the middle: its vessel and its layer heights in mm, bottom first. */
final class Section
{
    /** Vessel taken for a layer without one, so that a section can be drawn: straight, as wide as it is common for a portion. */
    private const PORTION_WIDTH_MM = 62.0;

    /** The largest vessel stated by any layer: the others sit inside it. */
    public static function vessel(DishReading $dish): ?Tin
    {
        $largest = null;
        foreach ($dish->layers as $layer) {
            $tin = $layer->layer->tin;
            if ($tin !== null && ($largest === null || $tin->volume() > $largest->volume())) {
                $largest = $tin;
            }
        }

        return $largest;
    }

    /**
     * @return array{width_mm: float, height_mm: ?float, fill: ?float, shape: string, layers: list<array{name: string, height_mm: float, kind: string}>}
     */
    public static function of(DishReading $dish): array
    {
        $tin = self::vessel($dish);
        $area = $tin?->area() ?? \M_PI / 4 * self::PORTION_WIDTH_MM ** 2 * $dish->formula->portions;
        $layers = [];
        $volume = 0.0;
        foreach ($dish->layers as $layer) {
            $volume += $layer->volume;
            $layers[] = ['name' => $layer->layer->name, 'height_mm' => round($layer->volume * 1000 / $area, 1), 'kind' => $layer->set->kind];
        }

        return [
            'width_mm' => $tin === null ? self::PORTION_WIDTH_MM : round($tin->a, 1),
            'height_mm' => $tin === null ? null : round($tin->height, 1),
            'fill' => $tin === null ? null : round($volume / $tin->volume(), 3),
            'shape' => $tin === null ? 'free' : $tin->shape,
            'layers' => $layers,
        ];
    }
}
