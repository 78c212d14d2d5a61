<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One state of a version, never written over. */
#[OA\Schema(
    schema: 'RevisionEntry',
    description: 'One state of a version, never written over.',
    type: 'object',
    required: ['number', 'from', 'kind', 'words', 'author', 'at', 'trials', 'is_head'],
    properties: [
        new OA\Property(property: 'at', type: 'string'),
        new OA\Property(property: 'author', type: 'string'),
        new OA\Property(property: 'from', description: 'The revision it was made from.', type: 'number', nullable: true),
        new OA\Property(property: 'is_head', type: 'boolean'),
        new OA\Property(property: 'kind', type: 'string'),
        new OA\Property(property: 'number', type: 'number'),
        new OA\Property(property: 'trials', type: 'number'),
        new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class RevisionEntry {}
