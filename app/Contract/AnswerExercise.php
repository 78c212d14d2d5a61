<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A step, an option, an order of options, or grams. */
#[OA\Schema(
    schema: 'AnswerExercise',
    type: 'object',
    required: ['answer'],
    properties: [
        new OA\Property(property: 'answer', description: 'anything'),
    ],
)]
final class AnswerExercise {}
