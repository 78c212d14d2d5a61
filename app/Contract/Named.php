<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Named', type: 'object', required: ['name'], properties: [new OA\Property(property: 'name', type: 'string')])]
final class Named {}
