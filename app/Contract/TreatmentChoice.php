<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A treatment a page offers, in the text form's own words. */
#[OA\Schema(
    schema: 'TreatmentChoice',
    description: 'A treatment a page offers, in the text form\'s own words.',
    type: 'object',
    required: ['words', 'name'],
    properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class TreatmentChoice {}
