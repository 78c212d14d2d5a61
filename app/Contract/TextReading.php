<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\SideSchema;
use OpenApi\Attributes as OA;

#[SideSchema(
    schema: 'TextReading',
    description: 'A text as it is read, before it is kept.',
    more: [
        new OA\Property(property: 'aside', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'inferred', type: 'array', items: new OA\Items(ref: '#/components/schemas/Inference')),
        new OA\Property(property: 'others', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'text', type: 'string', nullable: true),
        new OA\Property(property: 'treatments', type: 'array', items: new OA\Items(ref: '#/components/schemas/TreatmentChoice')),
        new OA\Property(property: 'watch', type: 'array', items: new OA\Items(ref: '#/components/schemas/Warning')),
    ],
)]
final class TextReading {}
