<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a dish is called, which family it is of, whether it is put away; what is not sent stays. */
#[OA\Schema(schema: 'DishNamed', type: 'object', properties: [
    new OA\Property(property: 'away', type: 'boolean'),
    new OA\Property(property: 'family', type: 'string', enum: \Transmuta\Formula\Family::class),
    new OA\Property(property: 'title', type: 'string'),
])]
final class DishNamed {}
