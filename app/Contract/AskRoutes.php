<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;

/** What is wanted of a dish: diets, limits of a portion, aims, and what is to stay out. */
#[OA\Schema(
    schema: 'AskRoutes',
    description: 'What is wanted of a dish: diets, limits of a portion, aims, and what is to stay out.',
    type: 'object',
    required: ['diets'],
    properties: [
        new OA\Property(property: 'aims', oneOf: [new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'string', enum: Diet::class)),
        new OA\Property(property: 'fat_g', type: 'number', nullable: true),
        new OA\Property(property: 'kcal', type: 'number', nullable: true),
        new OA\Property(property: 'net_carbs_g', type: 'number', nullable: true),
        new OA\Property(property: 'protein_g', type: 'number', nullable: true),
        new OA\Property(property: 'sugars_g', type: 'number', nullable: true),
        new OA\Property(property: 'without', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'string')), new OA\Schema(type: 'null')]),
    ],
)]
final class AskRoutes {}
