<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What stood in a trial before it was corrected. */
#[OA\Schema(
    schema: 'TrialCorrection',
    type: 'object',
    required: ['at', 'who', 'why', 'was'],
    properties: [
        new OA\Property(property: 'at', type: 'string'),
        new OA\Property(property: 'was', type: 'object', additionalProperties: true),
        new OA\Property(property: 'who', type: 'string'),
        new OA\Property(property: 'why', type: 'string'),
    ],
)]
final class TrialCorrection {}
