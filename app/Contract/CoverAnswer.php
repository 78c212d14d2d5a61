<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ChosenVersions;
use OpenApi\Attributes as OA;

/** Which versions of a dish serve those who come: the fewest, and the cheapest. */
#[OA\Schema(
    schema: 'CoverAnswer',
    type: 'object',
    required: ['versions', 'fewest', 'cheapest', 'fewest_minor', 'cheapest_minor', 'routes'],
    properties: [
        new ChosenVersions('cheapest'),
        new OA\Property(property: 'cheapest_minor', type: 'integer'),
        new ChosenVersions('fewest'),
        new OA\Property(property: 'fewest_minor', type: 'integer'),
        new OA\Property(property: 'routes', description: 'Versions that are not made yet and would serve who is not served.', type: 'array', items: new OA\Items(type: 'object', required: ['guests', 'route', 'name', 'standing', 'fit', 'brief'], properties: [
            new OA\Property(property: 'brief', ref: '#/components/schemas/Brief'),
            new OA\Property(property: 'fit', description: 'How near it is to the original, 0 to 100.', type: 'number'),
            new OA\Property(property: 'guests', description: 'Places of the groups it would serve.', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'route', description: 'By which it is taken.', type: 'string'),
            new OA\Property(property: 'standing', type: 'string'),
        ])),
        new OA\Property(property: 'versions', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'fit', 'taste'], properties: [
            new OA\Property(property: 'fit', description: 'How near to the original its route was, 0 to 100; none for an original.', type: 'number', nullable: true),
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'taste', description: 'What it costs in taste, in the words of its route.', type: 'array', items: new OA\Items(type: 'string')),
        ])),
    ],
)]
final class CoverAnswer {}
