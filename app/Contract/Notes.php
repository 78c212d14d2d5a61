<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Notes',
    type: 'object',
    required: ['notes'],
    properties: [
        new CountProperty('said', 'changes of name and notes'),
        new OA\Property(property: 'notes', type: 'string'),
    ],
)]
final class Notes {}
