<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** The computed answer, by its form. */
#[OA\Schema(
    schema: 'ExerciseAnswer',
    type: 'object',
    properties: [
        new OA\Property(property: 'grams', type: 'number'),
        new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'pick', type: 'string'),
        new OA\Property(property: 'step', type: 'integer'),
    ],
)]
final class ExerciseAnswer {}
