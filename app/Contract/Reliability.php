<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Whether chances came true. */
#[OA\Schema(
    schema: 'Reliability',
    type: 'object',
    required: ['n', 'came', 'said', 'brier', 'reliability', 'resolution', 'uncertainty', 'within', 'skill', 'expected', 'z', 'p', 'ranked', 'classes'],
    properties: [
        new OA\Property(property: 'brier', type: 'number'),
        new OA\Property(property: 'came', description: 'How often the likeliest step came.', type: 'integer'),
        new OA\Property(property: 'classes', type: 'array', items: new OA\Items(type: 'object', required: ['n', 'forecast', 'came', 'low', 'high', 'expected_low', 'expected_high'], properties: [
            new OA\Property(property: 'came', type: 'number'),
            new OA\Property(property: 'expected_high', type: 'number'),
            new OA\Property(property: 'expected_low', type: 'number'),
            new OA\Property(property: 'forecast', type: 'number'),
            new OA\Property(property: 'high', type: 'number'),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'n', type: 'integer'),
        ])),
        new OA\Property(property: 'expected', type: 'number'),
        new OA\Property(property: 'n', type: 'integer'),
        new OA\Property(property: 'p', type: 'number', nullable: true),
        new OA\Property(property: 'ranked', type: 'number'),
        new OA\Property(property: 'reliability', type: 'number'),
        new OA\Property(property: 'resolution', type: 'number'),
        new OA\Property(property: 'said', description: 'How often it should have come by the chances that were foretold.', type: 'number'),
        new OA\Property(property: 'skill', type: 'number', nullable: true),
        new OA\Property(property: 'uncertainty', type: 'number'),
        new OA\Property(property: 'within', type: 'number'),
        new OA\Property(property: 'z', type: 'number', nullable: true),
    ],
)]
final class Reliability {}
