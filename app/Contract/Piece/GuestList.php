<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;

/** Who comes, by what they may eat. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class GuestList extends OA\Property
{
    public function __construct()
    {
        parent::__construct(property: 'guests', type: 'array', items: new OA\Items(type: 'object', required: ['count', 'diets', 'without'], properties: [
            new OA\Property(property: 'count', type: 'integer'),
            new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'string', enum: Diet::class)),
            new OA\Property(property: 'without', type: 'array', items: new OA\Items(type: 'string')),
        ]));
    }
}
