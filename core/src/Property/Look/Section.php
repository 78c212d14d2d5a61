<?php

declare(strict_types=1);

namespace Transmuta\Property\Look;

use Transmuta\Formula\Tin;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Figure;

/** The dish cut down the middle: its vessel and its layer heights in mm, bottom first. */
final class Section
{
    /** A single tin is shown as one cut portion: a wedge by its radius, a bar by the side of a square of its share. */
    private static function width(?Tin $tin, int $portions): float
    {
        return match (true) {
            $tin === null => Figure::VesselPortionWidth->number(),
            $tin->count > 1 || $portions === 1 => $tin->a,
            $tin->shape === 'rect' => sqrt($tin->area() / $portions),
            default => $tin->a / 2,
        };
    }

    /**
     * @return array{width_mm: float, cut: bool, height_mm: ?float, fill: ?float, shape: string, layers: list<array{name: string, height_mm: float, kind: string}>}
     */
    public static function of(DishReading $dish): array
    {
        $tin = $dish->stack->vessel;
        $layers = [];
        foreach ($dish->layers as $n => $layer) {
            $layers[] = ['name' => $layer->layer->name, 'height_mm' => round($dish->stack->heights[$n], 1), 'kind' => $layer->set->kind];
        }

        return [
            'width_mm' => round(self::width($tin, $dish->formula->portions), 1),
            'cut' => $tin !== null && $tin->count === 1 && $dish->formula->portions > 1,
            'height_mm' => $tin === null ? null : round($tin->height, 1),
            'fill' => $tin === null ? null : round($dish->volume() / $tin->volume(), 3),
            'shape' => $tin === null ? 'free' : $tin->shape,
            'layers' => $layers,
        ];
    }
}
