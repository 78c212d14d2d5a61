<?php

declare(strict_types=1);

namespace App\Contract\Operation;

use OpenApi\Attributes as OA;

/** An answer that is one schema of the contract. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Answered extends OA\Response
{
    public function __construct(string $schema, int $status = 200, string $description = 'Answered')
    {
        parent::__construct(response: $status, description: $description, content: new OA\JsonContent(ref: "#/components/schemas/$schema"));
    }
}
