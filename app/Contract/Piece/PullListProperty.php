<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** What is fetched before, by where it is kept. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class PullListProperty extends OA\Property
{
    public function __construct()
    {
        parent::__construct(property: 'pull', description: 'What is fetched before, by where it is kept; preparations opened to the end.', type: 'array', items: new OA\Items(type: 'object', required: ['place', 'lines'], properties: [
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'grams', 'for'], properties: [
                new OA\Property(property: 'for', type: 'array', items: new OA\Items(type: 'object', required: ['what', 'grams'], properties: [
                    new OA\Property(property: 'grams', type: 'number'),
                    new OA\Property(property: 'what', type: 'string'),
                ])),
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'name', type: 'string'),
            ])),
            new OA\Property(property: 'place', type: 'string'),
        ]));
    }
}
