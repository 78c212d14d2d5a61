<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A picture of a trial. */
#[OA\Schema(
    schema: 'TrialPhoto',
    type: 'object',
    required: ['id', 'words', 'width', 'height'],
    properties: [
        new OA\Property(property: 'height', type: 'integer'),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'width', type: 'integer'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class TrialPhoto {}
