<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Reformulation\Evaluation\DebtState;

/** One job of one layer after a swap, and whether anything pays it. */
#[OA\Schema(
    schema: 'Debt',
    description: 'One job of one layer after a swap, and whether anything pays it.',
    type: 'object',
    required: ['job', 'layer', 'layer_index', 'amount', 'unit', 'paid', 'from', 'by', 'critical', 'state', 'why'],
    properties: [
        new OA\Property(property: 'amount', type: 'number'),
        new OA\Property(property: 'by', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'critical', type: 'boolean'),
        new OA\Property(property: 'from', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'job', type: 'string'),
        new OA\Property(property: 'layer', type: 'string'),
        new OA\Property(property: 'layer_index', type: 'number'),
        new OA\Property(property: 'paid', type: 'number'),
        new OA\Property(property: 'state', type: 'string', enum: DebtState::class),
        new OA\Property(property: 'unit', type: 'string'),
        new OA\Property(property: 'why', type: 'string'),
    ],
)]
final class Debt {}
