<?php

declare(strict_types=1);

namespace App\Contract\Operation;

use OpenApi\Attributes as OA;

/** What every operation answers where something is wrong. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Wrong extends OA\Response
{
    public function __construct()
    {
        parent::__construct(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails'));
    }
}
