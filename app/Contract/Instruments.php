<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What the scale and the probe beside a run show. */
#[OA\Schema(
    schema: 'Instruments',
    type: 'object',
    required: ['is_there', 'is_simulated', 'speed', 'scale', 'probe'],
    properties: [
        new OA\Property(property: 'is_there', description: 'Whether any instrument answers.', type: 'boolean'),
        new OA\Property(property: 'is_simulated', type: 'boolean'),
        new OA\Property(property: 'speed', description: 'How much faster than a clock a simulated pot goes.', type: 'number'),
        new OA\Property(property: 'scale', type: 'object', nullable: true, required: ['state', 'grams', 'is_low'], properties: [
            new OA\Property(property: 'state', type: 'string', enum: ['stable', 'moving', 'over', 'gone']),
            new OA\Property(property: 'grams', type: 'number', nullable: true),
            new OA\Property(property: 'is_low', description: 'Whether its battery is.', type: 'boolean'),
        ]),
        new OA\Property(property: 'probe', type: 'object', nullable: true, required: ['state', 'celsius', 'elapsed', 'is_low'], properties: [
            new OA\Property(property: 'state', type: 'string', enum: ['steady', 'moving', 'air', 'gone']),
            new OA\Property(property: 'celsius', type: 'number', nullable: true),
            new OA\Property(property: 'elapsed', description: 's since it went in, by the clock of what it is in.', type: 'number', nullable: true),
            new OA\Property(property: 'is_low', description: 'Whether its battery is.', type: 'boolean'),
        ]),
    ],
)]
final class Instruments {}
