<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Payments',
    description: 'By property, what would pay what is short of it, the best first.',
    type: 'object',
    additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'grams', 'pays', 'prep', 'moves', 'note'], properties: [
        new OA\Property(property: 'grams', description: 'To put in beside what is there, g.', type: 'number'),
        new OA\Property(property: 'ingredient', type: 'string'),
        new OA\Property(property: 'moves', description: 'Properties that are met without it and are not with it.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'note', type: 'string'),
        new OA\Property(property: 'pays', description: 'Share of what is short, 0…1.', type: 'number'),
        new OA\Property(property: 'prep', type: 'array', items: new OA\Items(type: 'string')),
    ])),
)]
final class Payments {}
