<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A choice that is not the usual one, and where it acts. */
#[OA\Schema(
    schema: 'SchoolAtWork',
    description: 'A choice that is not the usual one, and where it acts.',
    type: 'object',
    required: ['question', 'words', 'choice', 'acts'],
    properties: [
        new OA\Property(property: 'acts', type: 'string'),
        new OA\Property(property: 'choice', type: 'string'),
        new OA\Property(property: 'question', type: 'string'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class SchoolAtWork {}
