<?php

declare(strict_types=1);

namespace App\Contract\Operation;

use OpenApi\Attributes as OA;

/** An answer that is a list of one schema of the contract. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class AnsweredList extends OA\Response
{
    public function __construct(string $schema)
    {
        parent::__construct(response: 200, description: 'Answered', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: "#/components/schemas/$schema")));
    }
}
