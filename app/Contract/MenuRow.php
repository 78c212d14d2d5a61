<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\DietsProperty;
use OpenApi\Attributes as OA;

/** A version as the front of the house is told of it. */
#[OA\Schema(
    schema: 'MenuRow',
    type: 'object',
    required: ['version_id', 'dish_id', 'dish', 'version', 'revision', 'final', 'open', 'diets', 'eu', 'us', 'portion'],
    properties: [
        new DietsProperty(),
        new OA\Property(property: 'dish', type: 'string'),
        new OA\Property(property: 'dish_id', type: 'integer'),
        new OA\Property(property: 'eu', description: 'The fourteen of Annex II.', type: 'array', items: new OA\Items(ref: '#/components/schemas/AllergenCell')),
        new OA\Property(property: 'final', type: 'boolean'),
        new OA\Property(property: 'open', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'portion', type: 'object', required: ['mass_g', 'kcal', 'net_carbs_g', 'sugars_g', 'protein_g'], properties: [
            new OA\Property(property: 'kcal', type: 'number'),
            new OA\Property(property: 'mass_g', type: 'number'),
            new OA\Property(property: 'net_carbs_g', type: 'number'),
            new OA\Property(property: 'protein_g', type: 'number'),
            new OA\Property(property: 'sugars_g', type: 'number'),
        ]),
        new OA\Property(property: 'revision', type: 'integer'),
        new OA\Property(property: 'us', description: 'The nine of United States law.', type: 'array', items: new OA\Items(ref: '#/components/schemas/AllergenCell')),
        new OA\Property(property: 'version', type: 'string'),
        new OA\Property(property: 'version_id', type: 'integer'),
    ],
)]
final class MenuRow {}
