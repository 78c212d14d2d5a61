<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a ladder of pots is about. */
#[OA\Schema(
    schema: 'NewPotLadder',
    type: 'object',
    required: ['asked', 'layer_id', 'lines', 'wanted', 'pots', 'step', 'pot_g'],
    properties: [
        new OA\Property(property: 'asked', type: 'string', enum: ['set', 'sweetness', 'sharpness']),
        new OA\Property(property: 'layer_id', type: 'string'),
        new OA\Property(property: 'lines', description: 'Ids of the one or two lines that are stepped.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'pot_g', type: 'number'),
        new OA\Property(property: 'pots', type: 'integer'),
        new OA\Property(property: 'seed', type: 'integer'),
        new OA\Property(property: 'step', description: 'Times the dose from pot to pot.', type: 'number'),
        new OA\Property(property: 'wanted', description: 'Step of the ladder.', type: 'integer'),
    ],
)]
final class NewPotLadder {}
