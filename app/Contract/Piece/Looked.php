<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** What can be looked at in a trial beside its set: the same where it is said and where it is read back. */
trait Looked
{
    /** @return list<OA\Property> */
    private static function looked(): array
    {
        return [
            new OA\Property(property: 'brix', type: 'number', nullable: true),
            new OA\Property(property: 'colour', type: 'string', nullable: true),
            new OA\Property(property: 'cut', type: 'string', nullable: true),
            new OA\Property(property: 'grain', type: 'string', nullable: true),
            new OA\Property(property: 'height_mm', type: 'number', nullable: true),
            new OA\Property(property: 'keeps', type: 'array', items: new OA\Items(type: 'object', required: ['day', 'words'], properties: [
                new OA\Property(property: 'day', type: 'integer'),
                new OA\Property(property: 'words', type: 'string'),
            ])),
            new OA\Property(property: 'ph', type: 'number', nullable: true),
            new OA\Property(property: 'weep_g', description: 'g of 100 g in 24 h', type: 'number', nullable: true),
        ];
    }
}
