<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

/** What is to be done with a dish, by when, and who or what is waited for. */
#[OA\Schema(
    schema: 'Errand',
    type: 'object',
    required: ['revision', 'id', 'dish_id', 'dish', 'words', 'due_on', 'waits_for', 'done_on'],
    properties: [
        new CountProperty(),
        new OA\Property(property: 'dish', type: 'string'),
        new OA\Property(property: 'dish_id', type: 'number'),
        new OA\Property(property: 'done_on', type: 'string', nullable: true),
        new OA\Property(property: 'due_on', type: 'string', nullable: true),
        new OA\Property(property: 'id', type: 'number'),
        new OA\Property(property: 'waits_for', type: 'string'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class Errand {}
