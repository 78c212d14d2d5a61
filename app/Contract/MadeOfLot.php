<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A trial or a run that was made of a lot; `grams` of it, 0 where it was in a preparation. */
#[OA\Schema(
    schema: 'MadeOfLot',
    type: 'object',
    required: ['trial_id', 'run_id', 'version_id', 'dish', 'version', 'revision', 'made_on', 'grams'],
    properties: [
        new OA\Property(property: 'dish', type: 'string'),
        new OA\Property(property: 'grams', type: 'number'),
        new OA\Property(property: 'made_on', type: 'string'),
        new OA\Property(property: 'revision', type: 'number'),
        new OA\Property(property: 'run_id', type: 'number', nullable: true),
        new OA\Property(property: 'trial_id', type: 'number', nullable: true),
        new OA\Property(property: 'version', type: 'string'),
        new OA\Property(property: 'version_id', type: 'number'),
    ],
)]
final class MadeOfLot {}
