<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A packet as it is typed; what is not on it is null. */
#[OA\Schema(
    schema: 'Packet',
    description: 'A packet as it is typed; what is not on it is null.',
    type: 'object',
    properties: [
        new OA\Property(property: 'allergens', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'string')), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'carbohydrate_with_fibre', type: 'boolean', nullable: true),
        new OA\Property(property: 'declared', description: 'Its list of ingredients, as printed.', type: 'string', nullable: true),
        new OA\Property(property: 'like', type: 'string', nullable: true),
        new OA\Property(property: 'may_contain', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'string')), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'price_minor_per_kg', type: 'number', nullable: true),
        new OA\Property(property: 'serving_g', type: 'number', nullable: true),
        new OA\Property(property: 'source', type: 'string', nullable: true),
        new OA\Property(property: 'sulphites', description: 'mg of sulphur dioxide in 1 kg.', type: 'number', nullable: true),
    ],
    additionalProperties: true,
)]
final class Packet {}
