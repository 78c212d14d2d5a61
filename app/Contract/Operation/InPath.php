<?php

declare(strict_types=1);

namespace App\Contract\Operation;

use OpenApi\Attributes as OA;

/** A part of the path. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class InPath extends OA\Parameter
{
    public function __construct(string $name, string $type = 'integer')
    {
        parent::__construct(name: $name, in: 'path', required: true, schema: new OA\Schema(type: $type));
    }
}
