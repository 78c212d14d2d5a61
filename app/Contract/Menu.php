<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What each guest may have, by version: read today, by lines and packets. */
#[OA\Schema(
    schema: 'Menu',
    type: 'object',
    required: ['of', 'kitchen', 'states', 'next', 'rows'],
    properties: [
        new OA\Property(property: 'kitchen', description: 'What this kitchen handles and shares, in words; nothing where nobody has said.', type: 'string'),
        new OA\Property(property: 'next', description: 'Go on after this version; nothing at the end.', type: 'integer', nullable: true),
        new OA\Property(property: 'of', type: 'string'),
        new OA\Property(property: 'rows', type: 'array', items: new OA\Items(ref: '#/components/schemas/MenuRow')),
        new OA\Property(property: 'states', description: 'What is said of an allergen, in words.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    ],
)]
final class Menu {}
