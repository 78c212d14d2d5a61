<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\EventList;
use OpenApi\Attributes as OA;

/** What happened, each by an id its device gave it. */
#[OA\Schema(
    schema: 'RunEvents',
    type: 'object',
    required: ['events'],
    properties: [
        new EventList(['client_id', 'kind', 'at'], [new OA\Property(property: 'step', type: 'string', nullable: true)]),
    ],
)]
final class RunEvents {}
