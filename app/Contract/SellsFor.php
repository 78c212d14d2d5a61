<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SellsFor',
    type: 'object',
    required: ['minor'],
    properties: [
        new OA\Property(property: 'minor', description: 'Minor units a portion, tax in it; nothing where it is not sold.', type: 'integer', nullable: true),
        new OA\Property(property: 'revision', description: 'The revision a window has seen; or say it in If-Match.', type: 'number'),
    ],
)]
final class SellsFor {}
