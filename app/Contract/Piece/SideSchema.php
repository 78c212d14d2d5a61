<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** A schema that is a side of the Bench, with what is said of it besides. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class SideSchema extends OA\Schema
{
    use SideOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $schema, array $more = [], ?string $description = null)
    {
        $all = self::byName([...self::side(), ...$more]);
        parent::__construct(schema: $schema, description: $description, type: 'object', required: self::names($all), properties: $all);
    }
}
