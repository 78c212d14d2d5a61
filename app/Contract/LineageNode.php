<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One node of a dish’s tree. */
#[OA\Schema(
    schema: 'LineageNode',
    type: 'object',
    required: ['id', 'kind', 'parent', 'title', 'words', 'at', 'who', 'came', 'version_id', 'revision_id', 'number', 'is_head'],
    properties: [
        new OA\Property(property: 'at', type: 'string'),
        new OA\Property(property: 'came', description: 'How it came out.', type: 'string', nullable: true),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'is_head', type: 'boolean'),
        new OA\Property(property: 'kind', type: 'string', enum: ['version', 'revision', 'run', 'trial', 'ladder', 'tasting']),
        new OA\Property(property: 'number', type: 'integer', nullable: true),
        new OA\Property(property: 'parent', type: 'string', nullable: true),
        new OA\Property(property: 'revision_id', type: 'integer', nullable: true),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'version_id', type: 'integer', nullable: true),
        new OA\Property(property: 'who', type: 'string'),
        new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class LineageNode {}
