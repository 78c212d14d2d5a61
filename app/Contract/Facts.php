<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Facts',
    type: 'object',
    required: ['mass_g', 'kj', 'kcal', 'fat_g', 'saturates_g', 'carbohydrate_g', 'sugars_g', 'polyols_g', 'net_carbs_g', 'fibre_g', 'protein_g', 'salt_g', 'cost_minor'],
    properties: [
        new OA\Property(property: 'carbohydrate_g', type: 'number'),
        new OA\Property(property: 'cost_minor', type: 'number'),
        new OA\Property(property: 'fat_g', type: 'number'),
        new OA\Property(property: 'fibre_g', type: 'number'),
        new OA\Property(property: 'kcal', type: 'number'),
        new OA\Property(property: 'kj', type: 'number'),
        new OA\Property(property: 'mass_g', type: 'number'),
        new OA\Property(property: 'net_carbs_g', type: 'number'),
        new OA\Property(property: 'polyols_g', type: 'number'),
        new OA\Property(property: 'protein_g', type: 'number'),
        new OA\Property(property: 'salt_g', type: 'number'),
        new OA\Property(property: 'saturates_g', type: 'number'),
        new OA\Property(property: 'sugars_g', type: 'number'),
    ],
)]
final class Facts {}
