<?php

declare(strict_types=1);

namespace App\Contract\Operation;

use OpenApi\Attributes as OA;

/** What an operation must be sent: one schema of the contract. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Asked extends OA\RequestBody
{
    public function __construct(string $schema)
    {
        parent::__construct(required: true, content: new OA\JsonContent(ref: "#/components/schemas/$schema"));
    }
}
