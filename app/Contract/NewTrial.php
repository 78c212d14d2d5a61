<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\TrialSaid;
use OpenApi\Attributes as OA;

/** What was found when a version was made: what nobody judged is left out. */
#[TrialSaid('NewTrial', [
    new OA\Property(property: 'lots', description: 'Ids of the lots it was made of.', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'run_id', description: 'The run it was made in.', type: 'integer', nullable: true),
])]
final class NewTrial {}
