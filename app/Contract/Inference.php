<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What of a pasted recipe is not written in so many words, and why it is taken so. */
#[OA\Schema(
    schema: 'Inference',
    description: 'What of a pasted recipe is not written in so many words, and why it is taken so.',
    type: 'object',
    required: ['what', 'layer', 'value', 'because'],
    properties: [
        new OA\Property(property: 'because', type: 'string'),
        new OA\Property(property: 'layer', type: 'number', nullable: true),
        new OA\Property(property: 'value', type: 'string'),
        new OA\Property(property: 'what', type: 'string', enum: ['title', 'language', 'layer', 'family', 'measures', 'portions', 'serve at', 'treat', 'tin', 'loss']),
    ],
)]
final class Inference {}
