<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** What is served, when, and how much of it. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class ServiceSchema extends OA\Schema
{
    use ObjectOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $schema, string $description, array $more = [])
    {
        $all = self::byName([
            new CountProperty(),
            new OA\Property(property: 'dishes', type: 'integer'),
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'portions', type: 'integer'),
            new OA\Property(property: 'serve_at', description: 'By the clock on the kitchen’s wall.', type: 'string'),
            ...$more,
        ]);
        parent::__construct(schema: $schema, description: $description, type: 'object', required: self::names($all), properties: $all);
    }
}
