<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use App\Contract\Piece\ToldSteps;
use OpenApi\Attributes as OA;

/** The method of a version as it is told. */
#[OA\Schema(
    schema: 'Method',
    type: 'object',
    required: ['said', 'is_own', 'steps'],
    properties: [
        new CountProperty('said', 'changes of name, notes and method'),
        new OA\Property(property: 'is_own', description: 'Whether anybody has written one.', type: 'boolean'),
        new ToldSteps('steps'),
    ],
)]
final class Method {}
