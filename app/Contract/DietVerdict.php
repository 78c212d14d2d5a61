<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'DietVerdict',
    type: 'object',
    required: ['met', 'unproven', 'because', 'proven'],
    properties: [
        new OA\Property(property: 'because', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'met', type: 'boolean'),
        new OA\Property(property: 'proven', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'unproven', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class DietVerdict {}
