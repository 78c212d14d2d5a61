<?php

declare(strict_types=1);

namespace App\Contract\Operation;

use OpenApi\Attributes as OA;

/** An answer without a word: it is done. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Done extends OA\Response
{
    public function __construct()
    {
        parent::__construct(response: 204, description: 'Done');
    }
}
