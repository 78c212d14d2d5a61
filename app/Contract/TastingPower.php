<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What so many tasters can show, before anybody tastes. */
#[OA\Schema(
    schema: 'TastingPower',
    type: 'object',
    required: ['here', 'critical', 'needed', 'alike'],
    properties: [
        new OA\Property(property: 'alike', description: 'Most that may be right so that they can still be called no more different than was fixed.', type: 'integer', nullable: true),
        new OA\Property(property: 'critical', type: 'integer', nullable: true),
        new OA\Property(property: 'here', type: 'number'),
        new OA\Property(property: 'needed', oneOf: [new OA\Schema(ref: '#/components/schemas/TastersNeeded'), new OA\Schema(type: 'null')]),
    ],
)]
final class TastingPower {}
