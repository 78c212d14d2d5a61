<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A sentence of a method, with what became of it: nothing of it is dropped. */
#[OA\Schema(
    schema: 'ReadSentence',
    description: 'A sentence of a method, with what became of it: nothing of it is dropped.',
    type: 'object',
    required: ['step', 'text', 'as', 'acts'],
    properties: [
        new OA\Property(property: 'step', description: 'Place of the step it stands in, from 0.', type: 'integer'),
        new OA\Property(property: 'text', description: 'As it was written.', type: 'string'),
        new OA\Property(property: 'as', description: 'Steps, or what else it is; unread: nobody understands it.', type: 'string', enum: ['steps', 'note', 'serving', 'storage', 'heading', 'unread']),
        new OA\Property(property: 'acts', type: 'array', items: new OA\Items(ref: '#/components/schemas/ReadAct')),
    ],
)]
final class ReadSentence {}
