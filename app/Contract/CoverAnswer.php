<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ChosenVersions;
use OpenApi\Attributes as OA;

/** Which versions of a dish serve those who come: the fewest, and the cheapest. */
#[OA\Schema(
    schema: 'CoverAnswer',
    type: 'object',
    required: ['versions', 'fewest', 'cheapest', 'fewest_minor', 'cheapest_minor'],
    properties: [
        new ChosenVersions('cheapest'),
        new OA\Property(property: 'cheapest_minor', type: 'integer'),
        new ChosenVersions('fewest'),
        new OA\Property(property: 'fewest_minor', type: 'integer'),
        new OA\Property(property: 'versions', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name'], properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
    ],
)]
final class CoverAnswer {}
