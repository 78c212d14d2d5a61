<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a studio reckons with; what it never said is nothing, and an example is taken. */
#[OA\Schema(
    schema: 'CostRates',
    type: 'object',
    required: ['labour', 'energy', 'packaging', 'tax_word', 'tax_percent'],
    properties: [
        new OA\Property(property: 'energy', description: 'Minor units a kWh.', type: 'integer', nullable: true),
        new OA\Property(property: 'labour', description: 'Minor units an hour of hands.', type: 'integer', nullable: true),
        new OA\Property(property: 'packaging', description: 'Minor units a portion.', type: 'integer'),
        new OA\Property(property: 'revision', description: 'The revision a window has seen; or say it in If-Match.', type: 'number'),
        new OA\Property(property: 'tax_percent', description: 'Within the price a portion sells for.', type: 'number'),
        new OA\Property(property: 'tax_word', type: 'string'),
    ],
)]
final class CostRates {}
