<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a reading says of the set of one layer. */
#[OA\Schema(
    schema: 'Foretold',
    type: 'object',
    required: ['layer', 'layer_id', 'ge', 'step_index', 'step', 'chances', 'mechanisms', 'factors'],
    properties: [
        new OA\Property(property: 'chances', type: 'array', items: new OA\Items(type: 'number')),
        new OA\Property(property: 'factors', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
        new OA\Property(property: 'ge', type: 'number'),
        new OA\Property(property: 'layer', type: 'string'),
        new OA\Property(property: 'layer_id', type: 'string'),
        new OA\Property(property: 'mechanisms', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
        new OA\Property(property: 'step', type: 'string'),
        new OA\Property(property: 'step_index', type: 'integer'),
    ],
)]
final class Foretold {}
