<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A cause of a fault, of whose change for next time a revision is made. */
#[OA\Schema(
    schema: 'CureNextTime',
    type: 'object',
    required: ['fault', 'row', 'layer_id'],
    properties: [
        new OA\Property(property: 'fault', type: 'string'),
        new OA\Property(property: 'layer_id', type: 'string'),
        new OA\Property(property: 'revision', description: 'The revision a window has seen; or say it in If-Match.', type: 'number'),
        new OA\Property(property: 'row', type: 'integer'),
    ],
)]
final class CureNextTime {}
