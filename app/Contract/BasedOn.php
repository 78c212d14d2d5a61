<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'BasedOn',
    type: 'object',
    required: ['revision'],
    properties: [
        new OA\Property(property: 'revision', type: 'number'),
    ],
)]
final class BasedOn {}
