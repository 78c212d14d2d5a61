<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Practice',
    type: 'object',
    required: ['intro', 'sections'],
    properties: [
        new OA\Property(property: 'intro', type: 'string'),
        new OA\Property(property: 'sections', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'title', 'html'], properties: [
            new OA\Property(property: 'html', type: 'string'),
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'title', type: 'string'),
        ])),
    ],
)]
final class Practice {}
