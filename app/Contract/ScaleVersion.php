<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'ScaleVersion',
    type: 'object',
    properties: [
        new OA\Property(property: 'cut_into', type: 'number', nullable: true),
        new OA\Property(property: 'portions', type: 'number', nullable: true),
        new OA\Property(property: 'tin', type: 'string', nullable: true),
    ],
)]
final class ScaleVersion {}
