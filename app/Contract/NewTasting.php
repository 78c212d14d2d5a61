<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What is asked of whom. */
#[OA\Schema(
    schema: 'NewTasting',
    type: 'object',
    required: ['title', 'method', 'sided', 'tasters', 'alpha', 'power', 'pd', 'samples'],
    properties: [
        new OA\Property(property: 'alpha', type: 'number'),
        new OA\Property(property: 'attributes', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'expects', description: 'The sample that is expected to be chosen, where the direction is known beforehand.', type: 'string', nullable: true),
        new OA\Property(property: 'method', ref: '#/components/schemas/TastingMethod'),
        new OA\Property(property: 'pd', description: 'Share of tasters who can tell that must not be missed.', type: 'number'),
        new OA\Property(property: 'power', type: 'number'),
        new OA\Property(property: 'question', type: 'string', nullable: true),
        new OA\Property(property: 'samples', type: 'array', items: new OA\Items(type: 'object', required: ['version_id'], properties: [
            new OA\Property(property: 'name', type: 'string', nullable: true),
            new OA\Property(property: 'version_id', type: 'integer'),
        ])),
        new OA\Property(property: 'seed', type: 'integer'),
        new OA\Property(property: 'sided', type: 'string', enum: ['one', 'two']),
        new OA\Property(property: 'tasters', type: 'integer'),
        new OA\Property(property: 'title', type: 'string'),
    ],
)]
final class NewTasting {}
