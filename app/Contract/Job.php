<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Shapes the server answers with. Masses in g, temperatures in °C, fractions in g per 100 g, money in minor units. */
#[OA\Schema(
    schema: 'Job',
    description: 'Shapes the server answers with. Masses in g, temperatures in °C, fractions in g per 100 g, money in minor units.',
    type: 'string',
    enum: ['set', 'sweet', 'fat', 'acid', 'air', 'protein', 'firm', 'water', 'brown', 'colour'],
)]
final class Job {}
