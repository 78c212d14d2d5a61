<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One row of a nutrition table; a value that is not known is null, and printed so. */
#[OA\Schema(
    schema: 'LabelRow',
    type: 'object',
    required: ['key', 'name', 'within', 'per_100g', 'per_serving', 'dv'],
    properties: [
        new OA\Property(property: 'dv', oneOf: [new OA\Schema(ref: '#/components/schemas/LabelFigure'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'key', type: 'string'),
        new OA\Property(property: 'name', description: 'As the market calls it.', type: 'string'),
        new OA\Property(property: 'per_100g', type: 'object', required: ['value', 'printed'], properties: [
            new OA\Property(property: 'printed', type: 'string'),
            new OA\Property(property: 'value', type: 'number', nullable: true),
        ]),
        new OA\Property(property: 'per_serving', type: 'object', required: ['value', 'printed'], properties: [
            new OA\Property(property: 'printed', type: 'string'),
            new OA\Property(property: 'value', type: 'number', nullable: true),
        ]),
        new OA\Property(property: 'within', description: 'The row it is a part of, or nothing.', type: 'string'),
    ],
)]
final class LabelRow {}
