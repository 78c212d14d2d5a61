<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** How well somebody foretells one thing. */
#[OA\Schema(
    schema: 'SkillProgress',
    type: 'object',
    required: ['skill', 'words', 'n', 'recent', 'strength', 'is_due'],
    properties: [
        new OA\Property(property: 'is_due', type: 'boolean'),
        new OA\Property(property: 'n', type: 'integer'),
        new OA\Property(property: 'recent', description: 'Mean score of the last, 0…1.', type: 'number', nullable: true),
        new OA\Property(property: 'skill', type: 'string'),
        new OA\Property(property: 'strength', type: 'number'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class SkillProgress {}
