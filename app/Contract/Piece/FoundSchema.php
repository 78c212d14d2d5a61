<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** What was looked at in a trial, with where on the ladder each layer was found. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class FoundSchema extends OA\Schema
{
    use Looked;
    use ObjectOf;

    public function __construct(string $schema)
    {
        $all = self::byName([
            ...self::looked(),
            new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['layer_id', 'u', 'sd', 'stands_on'], properties: [
                new OA\Property(property: 'force_g', type: 'number'),
                new OA\Property(property: 'layer_id', type: 'string'),
                new OA\Property(property: 'protocol', type: 'string'),
                new OA\Property(property: 'sd', type: 'number'),
                new OA\Property(property: 'stands_on', description: 'The step of the ladder that place is on, 0 to 6.', type: 'integer'),
                new OA\Property(property: 'step_index', type: 'number'),
                new OA\Property(property: 'u', description: 'Place on the ladder, whole numbers at the lower edge of each step.', type: 'number'),
                new OA\Property(property: 'value', type: 'number'),
            ])),
        ]);
        parent::__construct(schema: $schema, type: 'object', required: self::names($all), properties: $all);
    }
}
