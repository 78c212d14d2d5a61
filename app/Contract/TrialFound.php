<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What was looked at in a trial; what was not stands as null. */
#[OA\Schema(
    schema: 'TrialFound',
    type: 'object',
    required: ['layers', 'grain', 'ph', 'brix', 'height_mm', 'weep_g', 'colour', 'cut', 'keeps'],
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
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['layer_id', 'u', 'sd'], properties: [
            new OA\Property(property: 'force_g', type: 'number'),
            new OA\Property(property: 'layer_id', type: 'string'),
            new OA\Property(property: 'protocol', type: 'string'),
            new OA\Property(property: 'sd', type: 'number'),
            new OA\Property(property: 'step_index', type: 'number'),
            new OA\Property(property: 'u', description: 'Place on the ladder, whole numbers at the lower edge of each step.', type: 'number'),
            new OA\Property(property: 'value', type: 'number'),
        ])),
        new OA\Property(property: 'ph', type: 'number', nullable: true),
        new OA\Property(property: 'weep_g', description: 'g of 100 g in 24 h', type: 'number', nullable: true),
    ],
)]
final class TrialFound {}
