<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NewErrand',
    type: 'object',
    required: ['words'],
    properties: [
        new OA\Property(property: 'done', type: 'boolean'),
        new OA\Property(property: 'due_on', type: 'string', nullable: true),
        new OA\Property(property: 'waits_for', type: 'string'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class NewErrand {}
