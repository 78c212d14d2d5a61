<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What the kitchen’s trials say. */
#[OA\Schema(
    schema: 'Learning',
    type: 'object',
    required: ['packets', 'revision', 'trials', 'factors', 'reliability', 'residuals'],
    properties: [
        new OA\Property(property: 'factors', type: 'array', items: new OA\Items(ref: '#/components/schemas/LearnedFactor')),
        new OA\Property(property: 'packets', type: 'array', items: new OA\Items(type: 'object', required: ['lot_id', 'name', 'code', 'mechanism', 'mechanism_name', 'factor', 'low', 'high', 'n', 'proposed'], properties: [
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'factor', type: 'number'),
            new OA\Property(property: 'high', type: 'number'),
            new OA\Property(property: 'lot_id', type: 'integer'),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'mechanism', type: 'string'),
            new OA\Property(property: 'mechanism_name', type: 'string'),
            new OA\Property(property: 'n', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'proposed', type: 'boolean'),
        ])),
        new OA\Property(property: 'reliability', oneOf: [new OA\Schema(ref: '#/components/schemas/Reliability'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'residuals', type: 'array', items: new OA\Items(type: 'object', required: ['mechanism', 'name', 'n', 'mean', 'points'], properties: [
            new OA\Property(property: 'mean', description: 'Steps firmer than foretold.', type: 'number'),
            new OA\Property(property: 'mechanism', type: 'string'),
            new OA\Property(property: 'n', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'points', type: 'array', items: new OA\Items(type: 'object', required: ['trial_id', 'version_id', 'dish', 'layer', 'off', 'sd'], properties: [
                new OA\Property(property: 'dish', type: 'string'),
                new OA\Property(property: 'layer', type: 'string'),
                new OA\Property(property: 'off', type: 'number'),
                new OA\Property(property: 'sd', type: 'number'),
                new OA\Property(property: 'trial_id', type: 'integer'),
                new OA\Property(property: 'version_id', type: 'integer'),
            ])),
        ])),
        new OA\Property(property: 'revision', type: 'integer'),
        new OA\Property(property: 'trials', description: 'Layers whose set was found and foretold.', type: 'integer'),
    ],
)]
final class Learning {}
