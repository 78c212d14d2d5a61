<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NewTrial',
    type: 'object',
    required: ['made_on', 'set_step', 'sweetness', 'sharpness'],
    properties: [
        new OA\Property(property: 'lots', description: 'Ids of the lots it was made of.', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'made_on', type: 'string'),
        new OA\Property(property: 'remark', type: 'string', nullable: true),
        new OA\Property(property: 'set_step', type: 'number'),
        new OA\Property(property: 'sharpness', type: 'string', enum: ['too little', 'right', 'too much']),
        new OA\Property(property: 'sweetness', type: 'string', enum: ['too little', 'right', 'too much']),
    ],
)]
final class NewTrial {}
