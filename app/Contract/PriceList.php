<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A supplier's list as of a day. */
#[OA\Schema(
    schema: 'PriceList',
    type: 'object',
    required: ['id', 'supplier', 'dated_on', 'articles'],
    properties: [
        new OA\Property(property: 'articles', description: 'How many packs it names.', type: 'integer'),
        new OA\Property(property: 'dated_on', type: 'string'),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'supplier', type: 'string'),
    ],
)]
final class PriceList {}
