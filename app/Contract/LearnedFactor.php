<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What trials say of a mechanism, against the shipped model. */
#[OA\Schema(
    schema: 'LearnedFactor',
    type: 'object',
    required: ['mechanism', 'name', 'factor', 'low', 'high', 'n', 'gain', 'proposed', 'in_use'],
    properties: [
        new OA\Property(property: 'factor', type: 'number'),
        new OA\Property(property: 'gain', type: 'number'),
        new OA\Property(property: 'high', type: 'number'),
        new OA\Property(property: 'in_use', description: 'What somebody took over.', oneOf: [new OA\Schema(ref: '#/components/schemas/FactorInUse'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'low', type: 'number'),
        new OA\Property(property: 'mechanism', type: 'string'),
        new OA\Property(property: 'n', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'proposed', type: 'boolean'),
    ],
)]
final class LearnedFactor {}
