<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Candidate',
    type: 'object',
    required: ['name', 'called', 'glance'],
    properties: [
        new OA\Property(property: 'called', type: 'string'),
        new OA\Property(property: 'glance', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
    ],
)]
final class Candidate {}
