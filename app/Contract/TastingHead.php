<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A tasting in a list. */
#[OA\Schema(
    schema: 'TastingHead',
    type: 'object',
    required: ['id', 'edition', 'title', 'method', 'who', 'laid_on', 'closed_at', 'tasters', 'taken', 'answered', 'versions', 'names'],
    properties: [
        new OA\Property(property: 'answered', type: 'integer'),
        new OA\Property(property: 'closed_at', type: 'string', nullable: true),
        new OA\Property(property: 'edition', type: 'integer'),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'laid_on', type: 'string'),
        new OA\Property(property: 'method', ref: '#/components/schemas/TastingMethod'),
        new OA\Property(property: 'names', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'taken', type: 'integer'),
        new OA\Property(property: 'tasters', type: 'integer'),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'versions', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'who', type: 'string'),
    ],
)]
final class TastingHead {}
