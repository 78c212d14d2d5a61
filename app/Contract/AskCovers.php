<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Of which dish. */
#[OA\Schema(
    schema: 'AskCovers',
    type: 'object',
    required: ['dish_id'],
    properties: [
        new OA\Property(property: 'dish_id', type: 'integer'),
    ],
)]
final class AskCovers {}
