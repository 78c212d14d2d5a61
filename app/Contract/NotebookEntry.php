<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NotebookEntry',
    type: 'object',
    required: ['dish', 'id', 'made_on', 'predicted', 'remark', 'revision', 'set_step', 'set_word', 'sharpness', 'sweetness', 'version', 'version_id'],
    properties: [
        new OA\Property(property: 'dish', type: 'string'),
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
        new OA\Property(property: 'version', type: 'string'),
        new OA\Property(property: 'version_id', type: 'number'),
    ],
)]
final class NotebookEntry {}
