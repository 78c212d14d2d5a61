<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\PullListProperty;
use OpenApi\Attributes as OA;

/** What is fetched for a whole service. */
#[OA\Schema(
    schema: 'ServicePull',
    type: 'object',
    required: ['pull'],
    properties: [
        new PullListProperty(),
    ],
)]
final class ServicePull {}
