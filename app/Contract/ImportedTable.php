<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'ImportedTable',
    type: 'object',
    required: ['dry', 'rows'],
    properties: [
        new OA\Property(property: 'dry', type: 'boolean'),
        new OA\Property(property: 'rows', type: 'array', items: new OA\Items(type: 'object', required: ['row', 'name', 'action', 'reasons', 'estimates'], properties: [
            new OA\Property(property: 'action', type: 'string'),
            new OA\Property(property: 'estimates', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'reasons', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(property: 'row', type: 'number'),
        ])),
    ],
)]
final class ImportedTable {}
