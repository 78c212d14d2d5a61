<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;

#[OA\Schema(
    schema: 'NewEvidence',
    type: 'object',
    required: ['diet', 'meets', 'note', 'seen_on', 'who'],
    properties: [
        new OA\Property(property: 'diet', type: 'string', enum: Diet::class),
        new OA\Property(property: 'expires_on', type: 'string', nullable: true),
        new OA\Property(property: 'meets', type: 'boolean'),
        new OA\Property(property: 'note', type: 'string'),
        new OA\Property(property: 'seen_on', type: 'string'),
        new OA\Property(property: 'who', type: 'string'),
    ],
)]
final class NewEvidence {}
