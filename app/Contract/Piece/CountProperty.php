<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** How often a thing was changed, which a window writes back to say what it has seen (If-Match). */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class CountProperty extends OA\Property
{
    public function __construct(string $property = 'revision', string $of = 'changes')
    {
        parent::__construct(property: $property, description: "Counts its $of: what a window writes back (If-Match).", type: 'integer');
    }
}
