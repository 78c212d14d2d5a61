<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** A property that is a side of the Bench, with what is said of it besides. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class SideProperty extends OA\Property
{
    use SideOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $property, array $more)
    {
        $all = self::byName([...self::side(), ...$more]);
        parent::__construct(property: $property, type: 'object', required: self::names($all), properties: $all);
    }
}
