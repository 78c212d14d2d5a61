<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;

/** How a dish stands to each diet, in short. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class DietsProperty extends OA\Property
{
    public function __construct()
    {
        parent::__construct(property: 'diets', type: 'array', items: new OA\Items(type: 'object', required: ['diet', 'standing', 'why'], properties: [
            new OA\Property(property: 'diet', type: 'string', enum: Diet::class),
            new OA\Property(property: 'standing', type: 'string', enum: Standing::class),
            new OA\Property(property: 'why', type: 'array', items: new OA\Items(type: 'string')),
        ]));
    }
}
