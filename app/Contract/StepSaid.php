<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Process\Plan\FixedState;

/** What is said of a step of a service. */
#[OA\Schema(
    schema: 'StepSaid',
    type: 'object',
    required: ['item_id', 'step', 'state'],
    properties: [
        new OA\Property(property: 'at', type: 'string', nullable: true),
        new OA\Property(property: 'batch', type: 'integer', nullable: true),
        new OA\Property(property: 'item_id', type: 'integer'),
        new OA\Property(property: 'state', oneOf: [new OA\Schema(type: 'string', enum: FixedState::class), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'step', type: 'string'),
        new OA\Property(property: 'unit', type: 'integer', nullable: true),
    ],
)]
final class StepSaid {}
