<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'MapOfStrings',
    type: 'object',
    additionalProperties: new OA\AdditionalProperties(type: 'string'),
)]
final class MapOfStrings {}
