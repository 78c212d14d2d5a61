<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Single properties wanted of layers by hand, by the layer's id: set in GE %, sweetness in SE, the others in g per 100 g. */
#[OA\Schema(
    schema: 'WantProperties',
    description: 'Single properties wanted of layers by hand, by the layer\'s id: set in GE %, sweetness in SE, the others in g per 100 g.',
    type: 'object',
    required: ['wanted'],
    properties: [
        new OA\Property(property: 'revision', description: 'The revision a window has seen; or say it in If-Match.', type: 'number'),
        new OA\Property(property: 'wanted', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/MapOfNumbers')),
    ],
)]
final class WantProperties {}
