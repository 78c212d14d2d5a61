<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** What a kitchen has to work with. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class KitchenAtWork extends OA\Property
{
    public function __construct()
    {
        parent::__construct(property: 'kitchen', type: 'object', required: ['cooks', 'hours', 'ovens', 'rings', 'mixers', 'fridge_shelves', 'freezer_shelves'], properties: [
            new OA\Property(property: 'blenders', type: 'integer'),
            new OA\Property(property: 'cooks', type: 'integer'),
            new OA\Property(property: 'freezer_shelves', type: 'integer'),
            new OA\Property(property: 'fridge_shelves', type: 'integer'),
            new OA\Property(property: 'hours', type: 'array', items: new OA\Items(type: 'array', minItems: 2, maxItems: 2, items: new OA\Items(type: 'string'))),
            new OA\Property(property: 'mixers', type: 'array', items: new OA\Items(type: 'object', required: ['litres'], properties: [new OA\Property(property: 'litres', type: 'number')])),
            new OA\Property(property: 'ovens', type: 'integer'),
            new OA\Property(property: 'rings', type: 'integer'),
        ]);
    }
}
