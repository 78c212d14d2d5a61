<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;
use Transmuta\Process\Words\Quarrel;

/** The steps of a method as they are told. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class ToldSteps extends OA\Property
{
    public function __construct(string $property)
    {
        parent::__construct(property: $property, type: 'array', items: new OA\Items(type: 'object', required: ['id', 'step', 'text', 'is_own', 'quarrel', 'now', 'why'], properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'is_own', description: 'Whether it is told in somebody’s words.', type: 'boolean'),
            new OA\Property(property: 'now', description: 'As the formula asks for it; empty where it asks for no such step.', type: 'string'),
            new OA\Property(property: 'quarrel', description: 'Where the words and the formula do not agree.', oneOf: [new OA\Schema(type: 'string', enum: Quarrel::class), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'step', description: 'Id of the step of the making it tells; none where it was added, or is gone.', type: 'string', nullable: true),
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'why', type: 'string'),
        ]));
    }
}
