<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Formula\Family;

/** docs/formula.schema.json, as a request may send it. */
#[OA\Schema(
    schema: 'FormulaInput',
    description: 'docs/formula.schema.json, as a request may send it.',
    type: 'object',
    required: ['layers'],
    properties: [
        new OA\Property(property: 'family', type: 'string', enum: Family::class),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(ref: '#/components/schemas/LayerInput')),
        new OA\Property(property: 'measured', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'brix', 'acid'], properties: [
            new OA\Property(property: 'acid', type: 'number', nullable: true),
            new OA\Property(property: 'brix', type: 'number', nullable: true),
            new OA\Property(property: 'ingredient', type: 'string'),
        ])),
        new OA\Property(property: 'measures', type: 'string'),
        new OA\Property(property: 'method', type: 'array', items: new OA\Items(oneOf: [new OA\Schema(ref: '#/components/schemas/StepInput'), new OA\Schema(type: 'string')])),
        new OA\Property(property: 'portions', type: 'number'),
        new OA\Property(property: 'serve_at_c', type: 'number'),
        new OA\Property(property: 'title', type: 'string'),
    ],
)]
final class FormulaInput {}
