<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;

#[OA\Schema(
    schema: 'Brief',
    type: 'object',
    required: ['diets', 'net_carbs_g', 'protein_g', 'kcal'],
    properties: [
        new OA\Property(property: 'aims', ref: '#/components/schemas/Aims'),
        new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'string', enum: Diet::class)),
        new OA\Property(property: 'fat_g', type: 'number', nullable: true),
        new OA\Property(property: 'kcal', type: 'number', nullable: true),
        new OA\Property(property: 'net_carbs_g', type: 'number', nullable: true),
        new OA\Property(property: 'protein_g', type: 'number', nullable: true),
        new OA\Property(property: 'sugars_g', type: 'number', nullable: true),
        new OA\Property(property: 'without', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class Brief {}
