<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Hours from going into the cold. */
#[OA\Schema(
    schema: 'Cooling',
    description: 'Hours from going into the cold.',
    type: 'object',
    required: ['from_c', 'air_c', 'height_mm', 'firm_h', 'firm_at_c', 'core_8c_h', 'h_57_to_21', 'h_57_to_5'],
    properties: [
        new OA\Property(property: 'air_c', type: 'number'),
        new OA\Property(property: 'core_8c_h', type: 'number', nullable: true),
        new OA\Property(property: 'firm_at_c', type: 'number', nullable: true),
        new OA\Property(property: 'firm_h', type: 'number', nullable: true),
        new OA\Property(property: 'from_c', type: 'number'),
        new OA\Property(property: 'h_57_to_21', type: 'number', nullable: true),
        new OA\Property(property: 'h_57_to_5', type: 'number', nullable: true),
        new OA\Property(property: 'height_mm', type: 'number'),
    ],
)]
final class Cooling {}
