<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Property\Severity;

#[OA\Schema(
    schema: 'Warning',
    type: 'object',
    required: ['rule', 'severity', 'text', 'layer', 'cure'],
    properties: [
        new OA\Property(property: 'cure', oneOf: [new OA\Schema(type: 'object', required: ['action', 'ingredient'], properties: [
            new OA\Property(property: 'action', type: 'string'),
            new OA\Property(property: 'for', type: 'string'),
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'prep', description: 'How what is put in goes in, as a line has it; absent where nothing is put in.', type: 'array', items: new OA\Items(type: 'string')),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'cure_words', description: 'What the cure does, for its button; absent where it is not offered.', type: 'string', nullable: true),
        new OA\Property(property: 'layer', type: 'number', nullable: true),
        new OA\Property(property: 'rule', type: 'string'),
        new OA\Property(property: 'severity', type: 'string', enum: Severity::class),
        new OA\Property(property: 'text', type: 'string'),
    ],
)]
final class Warning {}
