<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** The maker's method as it is understood, sentence by sentence. */
#[OA\Schema(
    schema: 'ReadMethod',
    description: 'The maker’s method as it is understood, sentence by sentence.',
    type: 'object',
    required: ['sentences', 'unsaid'],
    properties: [
        new OA\Property(property: 'sentences', type: 'array', items: new OA\Items(ref: '#/components/schemas/ReadSentence')),
        new OA\Property(property: 'unsaid', description: 'Lines that no sentence names: where they go in is not known.', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class ReadMethod {}
