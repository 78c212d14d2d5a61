<?php

declare(strict_types=1);

namespace App\Contract\Operation;

use OpenApi\Attributes as OA;

/** What may be asked behind the path. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class InQuery extends OA\Parameter
{
    public function __construct(string $name, string $description, string $type = 'integer')
    {
        parent::__construct(name: $name, in: 'query', description: $description, schema: new OA\Schema(type: $type));
    }
}
