<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** A side of the Bench: a formula, its reading, its section and the names in it. */
trait SideOf
{
    use ObjectOf;

    /** @return list<OA\Property> */
    private static function side(): array
    {
        return [
            new OA\Property(property: 'candidates', description: 'What a line that is not sure may mean: a name that is read back as just that, and what 100 g hold.', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/Candidate')),
            new OA\Property(property: 'formula', ref: '#/components/schemas/Formula'),
            new OA\Property(property: 'fruit', description: 'Ingredients a refractometer and a titration can speak for.', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'method', ref: '#/components/schemas/ReadMethod'),
            new OA\Property(property: 'names', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(property: 'reading', ref: '#/components/schemas/Reading'),
            new OA\Property(property: 'section', ref: '#/components/schemas/SectionShape'),
            new OA\Property(property: 'treated', description: 'What is done to each layer, in a cook\'s words.', type: 'array', items: new OA\Items(type: 'string')),
        ];
    }
}
