<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SchoolChoices',
    type: 'object',
    required: ['revision', 'questions', 'studio'],
    properties: [
        new CountProperty(),
        new OA\Property(property: 'questions', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/SchoolQuestion')),
        new OA\Property(property: 'studio', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    ],
)]
final class SchoolChoices {}
