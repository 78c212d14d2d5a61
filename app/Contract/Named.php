<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Named', type: 'object', required: ['name'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new CountProperty('said', 'changes of name and notes'),
])]
final class Named {}
