<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Formula\Confidence;

/** A line as it was, or as somebody typed it: then a text alone, which the server reads. */
#[OA\Schema(
    schema: 'LineInput',
    description: 'A line as it was, or as somebody typed it: then a text alone, which the server reads.',
    type: 'object',
    properties: [
        new OA\Property(property: 'confidence', type: 'string', enum: Confidence::class),
        new OA\Property(property: 'doubt', type: 'string', nullable: true),
        new OA\Property(property: 'grams', type: 'number', nullable: true),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'ingredient', type: 'string', nullable: true),
        new OA\Property(property: 'note', description: 'What the kitchen says of this line.', type: 'string'),
        new OA\Property(property: 'pinned', type: 'boolean'),
        new OA\Property(property: 'prep', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'reason', type: 'string', nullable: true),
        new OA\Property(property: 'suggestions', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'trace', type: 'string'),
    ],
)]
final class LineInput {}
