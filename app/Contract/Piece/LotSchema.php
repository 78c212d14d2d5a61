<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** One delivery of an ingredient, by the code on its packets. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class LotSchema extends OA\Schema
{
    use ObjectOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $schema, array $more = [])
    {
        $all = self::byName([
            new OA\Property(property: 'best_before', type: 'string', nullable: true),
            new OA\Property(property: 'came_on', type: 'string', nullable: true),
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'is_past', description: 'Its date has passed.', type: 'boolean'),
            new OA\Property(property: 'name', type: 'string'),
            new CountProperty(),
            new OA\Property(property: 'recall_reason', type: 'string'),
            new OA\Property(property: 'recalled_on', type: 'string', nullable: true),
            ...$more,
        ]);
        parent::__construct(schema: $schema, type: 'object', required: self::names($all), properties: $all);
    }
}
