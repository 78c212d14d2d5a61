<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'BasedOn',
    type: 'object',
    properties: [
        new OA\Property(property: 'revision', description: 'The revision a window has seen; or say it in If-Match.', type: 'number'),
    ],
)]
final class BasedOn {}
