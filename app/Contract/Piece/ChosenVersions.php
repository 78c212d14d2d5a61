<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** Versions that are chosen, and for whom. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class ChosenVersions extends OA\Property
{
    public function __construct(string $property)
    {
        parent::__construct(property: $property, type: 'object', required: ['chosen', 'unserved', 'questions'], properties: [
            new OA\Property(property: 'chosen', type: 'array', items: new OA\Items(type: 'object', required: ['version', 'portions', 'serves'], properties: [
                new OA\Property(property: 'portions', type: 'integer'),
                new OA\Property(property: 'serves', type: 'array', items: new OA\Items(type: 'integer')),
                new OA\Property(property: 'version', type: 'integer'),
            ])),
            new OA\Property(property: 'questions', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'unserved', type: 'array', items: new OA\Items(type: 'object', required: ['guest', 'why'], properties: [
                new OA\Property(property: 'guest', type: 'integer'),
                new OA\Property(property: 'why', type: 'string'),
            ])),
        ]);
    }
}
