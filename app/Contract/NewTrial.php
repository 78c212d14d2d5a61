<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What was found when a version was made: what nobody judged is left out. */
#[OA\Schema(
    schema: 'NewTrial',
    type: 'object',
    required: ['made_on'],
    properties: [
        new OA\Property(property: 'brix', type: 'number', nullable: true),
        new OA\Property(property: 'colour', type: 'string', nullable: true),
        new OA\Property(property: 'cut', type: 'string', nullable: true),
        new OA\Property(property: 'grain', type: 'string', nullable: true),
        new OA\Property(property: 'height_mm', type: 'number', nullable: true),
        new OA\Property(property: 'keeps', type: 'array', items: new OA\Items(type: 'object', required: ['day', 'words'], properties: [
            new OA\Property(property: 'day', type: 'integer'),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['layer_id'], properties: [
            new OA\Property(property: 'force_g', type: 'number', nullable: true),
            new OA\Property(property: 'layer_id', type: 'string'),
            new OA\Property(property: 'protocol', type: 'string', nullable: true),
            new OA\Property(property: 'step_index', type: 'number', nullable: true),
            new OA\Property(property: 'value', type: 'number', nullable: true),
        ])),
        new OA\Property(property: 'lots', description: 'Ids of the lots it was made of.', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'made_on', type: 'string'),
        new OA\Property(property: 'next', type: 'string', nullable: true),
        new OA\Property(property: 'ph', type: 'number', nullable: true),
        new OA\Property(property: 'remark', type: 'string', nullable: true),
        new OA\Property(property: 'run_id', description: 'The run it was made in.', type: 'integer', nullable: true),
        new OA\Property(property: 'set_step', description: 'How the layer that is foretold first set, where layers are not told one by one.', type: 'number', nullable: true),
        new OA\Property(property: 'sharpness', type: 'string', nullable: true),
        new OA\Property(property: 'sweetness', type: 'string', nullable: true),
        new OA\Property(property: 'verdict', type: 'string', nullable: true),
        new OA\Property(property: 'weep_g', type: 'number', nullable: true),
    ],
)]
final class NewTrial {}
