<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What is seen from a seat. */
#[OA\Schema(
    schema: 'TastingTable',
    type: 'object',
    required: ['title', 'method', 'question', 'attributes', 'is_closed', 'samples', 'contains', 'may_contain', 'unknown', 'cautions'],
    properties: [
        new OA\Property(property: 'attributes', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'contains', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'is_closed', type: 'boolean'),
        new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'method', ref: '#/components/schemas/TastingMethod'),
        new OA\Property(property: 'question', type: 'string'),
        new OA\Property(property: 'samples', type: 'integer'),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'unknown', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class TastingTable {}
