<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use App\Contract\Piece\ToldSteps;
use OpenApi\Attributes as OA;

/** The method of a version as it is told. */
#[OA\Schema(
    schema: 'Method',
    type: 'object',
    required: ['said', 'is_own', 'is_formulas', 'steps', 'out'],
    properties: [
        new CountProperty('said', 'changes of name, notes and method'),
        new OA\Property(property: 'is_own', description: 'Whether anybody has written one.', type: 'boolean'),
        new OA\Property(property: 'is_formulas', description: 'Whether the words are the formula’s own method: the making is read from them.', type: 'boolean'),
        new OA\Property(property: 'out', description: 'Steps that were taken out, and stay out.', type: 'array', items: new OA\Items(type: 'object', required: ['step', 'text', 'breaks'], properties: [
            new OA\Property(property: 'breaks', description: 'What is not done any more; empty where nothing is missed.', type: 'string'),
            new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new ToldSteps('steps'),
    ],
)]
final class Method {}
