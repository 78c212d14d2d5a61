<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SchoolQuestion',
    type: 'object',
    required: ['words', 'acts', 'choices', 'default'],
    properties: [
        new OA\Property(property: 'acts', type: 'string'),
        new OA\Property(property: 'choices', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'default', type: 'string'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class SchoolQuestion {}
