<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\LotSchema;
use OpenApi\Attributes as OA;

#[LotSchema('Lot', [new OA\Property(property: 'runs', description: 'How many were made of it at the stove.', type: 'number'), new OA\Property(property: 'trials', description: 'How many were made of it.', type: 'number')])]
final class Lot {}
