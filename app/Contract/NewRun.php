<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** For how many it is made, and for which dish of a service. */
#[OA\Schema(
    schema: 'NewRun',
    type: 'object',
    required: ['portions'],
    properties: [
        new OA\Property(property: 'portions', type: 'integer'),
        new OA\Property(property: 'service_item_id', type: 'integer', nullable: true),
    ],
)]
final class NewRun {}
