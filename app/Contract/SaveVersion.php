<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SaveVersion',
    type: 'object',
    required: ['formula'],
    properties: [
        new OA\Property(property: 'formula', ref: '#/components/schemas/FormulaInput'),
        new OA\Property(property: 'revision', description: 'The revision a window has seen; or say it in If-Match.', type: 'number'),
    ],
)]
final class SaveVersion {}
