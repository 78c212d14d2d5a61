<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What was removed and can be brought back. */
#[OA\Schema(
    schema: 'Removed',
    type: 'object',
    required: ['dishes', 'versions', 'others'],
    properties: [
        new OA\Property(property: 'dishes', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'title', 'versions', 'removed_at'], properties: [
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'removed_at', type: 'string'),
            new OA\Property(property: 'title', type: 'string'),
            new OA\Property(property: 'versions', type: 'number'),
        ])),
        new OA\Property(property: 'others', description: 'Dinners, small pots, tastings, lots and price lists.', type: 'array', items: new OA\Items(type: 'object', required: ['kind', 'id', 'name', 'removed_at'], properties: [
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'kind', type: 'string', enum: ['services', 'ladders', 'tastings', 'lots', 'price-lists']),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'removed_at', type: 'string'),
        ])),
        new OA\Property(property: 'versions', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'dish', 'removed_at'], properties: [
            new OA\Property(property: 'dish', type: 'string'),
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'removed_at', type: 'string'),
        ])),
    ],
)]
final class Removed {}
