<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Trial',
    type: 'object',
    required: ['id', 'version_id', 'revision', 'made_on', 'set_step', 'set_word', 'sweetness', 'sharpness', 'remark', 'predicted'],
    properties: [
        new OA\Property(property: 'id', type: 'number'),
        new OA\Property(property: 'made_on', type: 'string'),
        new OA\Property(property: 'predicted', type: 'object', required: ['layer', 'ge', 'step_index', 'step', 'se', 'ph'], properties: [
            new OA\Property(property: 'ge', type: 'number', nullable: true),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'layer_id', type: 'string'),
            new OA\Property(property: 'ph', type: 'number', nullable: true),
            new OA\Property(property: 'se', type: 'number'),
            new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'step_index', type: 'number', nullable: true),
        ]),
        new OA\Property(property: 'remark', type: 'string'),
        new OA\Property(property: 'revision', description: 'The revision of the version that was made.', type: 'number'),
        new OA\Property(property: 'set_step', type: 'number'),
        new OA\Property(property: 'set_word', type: 'string'),
        new OA\Property(property: 'sharpness', type: 'string'),
        new OA\Property(property: 'sweetness', type: 'string'),
        new OA\Property(property: 'version_id', type: 'number'),
    ],
)]
final class Trial {}
