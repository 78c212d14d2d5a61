<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A form a version is passed on in. */
#[OA\Schema(
    schema: 'FileForm',
    type: 'object',
    required: ['form', 'words', 'name', 'bytes', 'lost'],
    properties: [
        new OA\Property(property: 'bytes', type: 'integer'),
        new OA\Property(property: 'form', type: 'string'),
        new OA\Property(property: 'lost', description: 'What the form cannot hold; each begins with the thing.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class FileForm {}
