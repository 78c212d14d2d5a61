<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'MapOfNumbers',
    type: 'object',
    additionalProperties: new OA\AdditionalProperties(type: 'number'),
)]
final class MapOfNumbers {}
