<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One thing that is done, as it is understood. */
#[OA\Schema(
    schema: 'ReadAct',
    description: 'One thing that is done, as it is understood.',
    type: 'object',
    required: ['does', 'lines', 'celsius', 'oven', 'stages', 'minutes', 'until'],
    properties: [
        new OA\Property(property: 'does', description: 'The operation, by its name.', type: 'string'),
        new OA\Property(property: 'lines', description: 'What goes in, and how much of the line, 0 to 1.', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'share'], properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'share', type: 'number', minimum: 0, maximum: 1),
        ])),
        new OA\Property(property: 'celsius', description: '°C of the mass; of a still oven for what is baked. Null where nothing is said.', type: 'number', nullable: true),
        new OA\Property(property: 'minutes', description: 'Minutes, the best where several are said. Null where nothing is said.', type: 'number', nullable: true),
        new OA\Property(property: 'oven', description: 'The oven as it was said, "160 °C fan"; empty where none was.', type: 'string'),
        new OA\Property(property: 'stages', description: 'Stages of an oven after the first; 0 °C is one that is turned off.', type: 'array', items: new OA\Items(type: 'object', required: ['celsius', 'minutes'], properties: [
            new OA\Property(property: 'celsius', type: 'number', nullable: true),
            new OA\Property(property: 'minutes', type: 'number', nullable: true),
        ])),
        new OA\Property(property: 'until', description: 'The sign of its end, as written; empty where none is.', type: 'string'),
    ],
)]
final class ReadAct {}
