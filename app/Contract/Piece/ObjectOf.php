<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** Properties of an object that several schemas hold, with what each of them adds, in the order of their names. */
trait ObjectOf
{
    /**
     * @param list<OA\Property> $properties
     *
     * @return list<OA\Property>
     */
    private static function byName(array $properties): array
    {
        usort($properties, static fn(OA\Property $a, OA\Property $b): int => $a->property <=> $b->property);

        return $properties;
    }

    /**
     * @param list<OA\Property> $properties
     *
     * @return list<string>
     */
    private static function names(array $properties): array
    {
        return array_map(static fn(OA\Property $one): string => $one->property, $properties);
    }
}
