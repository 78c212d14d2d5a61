<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A method in own words: every step of the making at least once, in an order in which they may be done. */
#[OA\Schema(
    schema: 'MethodInput',
    type: 'object',
    required: ['steps'],
    properties: [
        new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'step', 'text'], properties: [
            new OA\Property(property: 'id', description: 'Its own, up to 26 letters and digits, such as a ULID.', type: 'string'),
            new OA\Property(property: 'step', description: 'The step of the making it tells; none for one that is added.', type: 'string', nullable: true),
            new OA\Property(property: 'text', description: 'In own words; empty where it is told as the making tells it.', type: 'string', nullable: true),
        ])),
    ],
)]
final class MethodInput {}
