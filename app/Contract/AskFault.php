<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What is wrong with a version, of which layer, in which run, and what is known of how it was made. */
#[OA\Schema(
    schema: 'AskFault',
    type: 'object',
    required: ['fault'],
    properties: [
        new OA\Property(property: 'facts', type: 'object', additionalProperties: true),
        new OA\Property(property: 'fault', type: 'string'),
        new OA\Property(property: 'layer_id', type: 'string', nullable: true),
        new OA\Property(property: 'run_id', type: 'integer', nullable: true),
    ],
)]
final class AskFault {}
