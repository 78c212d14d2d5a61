<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'ImportTable',
    type: 'object',
    required: ['csv', 'dry'],
    properties: [
        new OA\Property(property: 'csv', type: 'string'),
        new OA\Property(property: 'dry', type: 'boolean'),
    ],
)]
final class ImportTable {}
