<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'ImportTable',
    type: 'object',
    required: ['csv', 'dry'],
    properties: [
        new OA\Property(property: 'columns', description: 'Ours by theirs, in small letters, where a table names its columns otherwise; nothing leaves one out.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
        new OA\Property(property: 'csv', type: 'string'),
        new OA\Property(property: 'dry', type: 'boolean'),
    ],
)]
final class ImportTable {}
