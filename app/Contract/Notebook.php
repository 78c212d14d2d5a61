<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Notebook',
    description: 'A page of trials, and the one to go on before; null at the end.',
    type: 'object',
    required: ['next', 'trials'],
    properties: [
        new OA\Property(property: 'next', type: 'number', nullable: true),
        new OA\Property(property: 'trials', type: 'array', items: new OA\Items(ref: '#/components/schemas/NotebookEntry')),
    ],
)]
final class Notebook {}
