<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a count says, exactly. */
#[OA\Schema(
    schema: 'TasteEvaluation',
    type: 'object',
    required: ['test', 'n', 'correct', 'p0', 'sided', 'p_value', 'alpha', 'critical', 'significant', 'd_prime', 'p_d', 'power_here', 'power', 'pd', 'tasters_needed'],
    properties: [
        new OA\Property(property: 'alpha', type: 'number'),
        new OA\Property(property: 'correct', type: 'integer'),
        new OA\Property(property: 'critical', type: 'integer', nullable: true),
        new OA\Property(property: 'd_prime', type: 'object', required: ['value', 'low', 'high'], properties: [
            new OA\Property(property: 'high', type: 'number', nullable: true),
            new OA\Property(property: 'low', type: 'number', nullable: true),
            new OA\Property(property: 'value', type: 'number', nullable: true),
        ]),
        new OA\Property(property: 'n', type: 'integer'),
        new OA\Property(property: 'p0', type: 'number'),
        new OA\Property(property: 'p_d', type: 'object', required: ['value', 'low', 'high'], properties: [
            new OA\Property(property: 'high', type: 'number'),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'value', type: 'number'),
        ]),
        new OA\Property(property: 'p_value', type: 'number'),
        new OA\Property(property: 'pd', type: 'number'),
        new OA\Property(property: 'power', type: 'number'),
        new OA\Property(property: 'power_here', type: 'number'),
        new OA\Property(property: 'sided', type: 'string'),
        new OA\Property(property: 'significant', type: 'boolean'),
        new OA\Property(property: 'tasters_needed', oneOf: [new OA\Schema(ref: '#/components/schemas/TastersNeeded'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'test', type: 'string'),
    ],
)]
final class TasteEvaluation {}
