<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A figure and what is printed of it. */
#[OA\Schema(
    schema: 'LabelFigure',
    type: 'object',
    required: ['value', 'printed'],
    properties: [
        new OA\Property(property: 'printed', type: 'string'),
        new OA\Property(property: 'value', type: 'number'),
    ],
)]
final class LabelFigure {}
