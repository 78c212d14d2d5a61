<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What to be asked about; nothing for what has faded most. */
#[OA\Schema(
    schema: 'AskExercise',
    type: 'object',
    properties: [
        new OA\Property(property: 'seed', type: 'integer'),
        new OA\Property(property: 'skill', type: 'string', nullable: true),
    ],
)]
final class AskExercise {}
