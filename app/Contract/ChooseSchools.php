<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** The choices asked for, by question. */
#[OA\Schema(
    schema: 'ChooseSchools',
    description: 'The choices asked for, by question.',
    type: 'object',
    required: ['schools'],
    properties: [
        new OA\Property(property: 'schools', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    ],
)]
final class ChooseSchools {}
