<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'ReadText',
    type: 'object',
    required: ['text'],
    properties: [
        new OA\Property(property: 'measures', type: 'string', nullable: true),
        new OA\Property(property: 'recipe', description: 'Which of several recipes in one file, from 1.', type: 'integer'),
        new OA\Property(property: 'text', type: 'string'),
    ],
)]
final class ReadText {}
