<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A supplier's list as a table of text: ingredient, article, pack_g, price, a row a pack. */
#[OA\Schema(
    schema: 'NewPriceList',
    type: 'object',
    required: ['supplier', 'dated_on', 'text'],
    properties: [
        new OA\Property(property: 'dated_on', type: 'string'),
        new OA\Property(property: 'supplier', type: 'string'),
        new OA\Property(property: 'text', type: 'string'),
    ],
)]
final class NewPriceList {}
