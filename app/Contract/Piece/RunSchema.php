<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** A revision that is made, or was: for how many, by whom, from when to when. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class RunSchema extends OA\Schema
{
    use ObjectOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $schema, string $description, array $more = [])
    {
        $all = self::byName([
            new OA\Property(property: 'dish', type: 'string'),
            new OA\Property(property: 'finished_at', type: 'string', nullable: true),
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'portions', type: 'integer'),
            new OA\Property(property: 'revision', type: 'integer'),
            new OA\Property(property: 'service_item_id', type: 'integer', nullable: true),
            new OA\Property(property: 'started_at', type: 'string'),
            new OA\Property(property: 'version', type: 'string'),
            new OA\Property(property: 'version_id', type: 'integer'),
            new OA\Property(property: 'who', type: 'string'),
            ...$more,
        ]);
        parent::__construct(schema: $schema, description: $description, type: 'object', required: self::names($all), properties: $all);
    }
}
