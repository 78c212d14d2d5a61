<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\TrialSaid;
use OpenApi\Attributes as OA;

/** Everything that was found, said anew, and why. */
#[TrialSaid('CorrectTrial', [
    new OA\Property(property: 'revision', type: 'integer'),
    new OA\Property(property: 'why', type: 'string', nullable: true),
])]
final class CorrectTrial {}
