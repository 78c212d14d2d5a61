<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'RecallLot',
    type: 'object',
    required: ['recalled'],
    properties: [
        new OA\Property(property: 'reason', type: 'string', nullable: true),
        new OA\Property(property: 'recalled', type: 'boolean'),
    ],
)]
final class RecallLot {}
