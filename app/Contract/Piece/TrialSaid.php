<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** What somebody says of a trial: only the day is needed, and what nobody judged is left out. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class TrialSaid extends OA\Schema
{
    use Looked;
    use ObjectOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $schema, array $more)
    {
        parent::__construct(schema: $schema, type: 'object', required: ['made_on'], properties: self::byName([
            ...self::looked(),
            new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['layer_id'], properties: [
                new OA\Property(property: 'force_g', type: 'number', nullable: true),
                new OA\Property(property: 'layer_id', type: 'string'),
                new OA\Property(property: 'protocol', type: 'string', nullable: true),
                new OA\Property(property: 'step_index', type: 'number', nullable: true),
                new OA\Property(property: 'value', type: 'number', nullable: true),
            ])),
            new OA\Property(property: 'made_on', type: 'string'),
            new OA\Property(property: 'next', type: 'string', nullable: true),
            new OA\Property(property: 'remark', type: 'string', nullable: true),
            new OA\Property(property: 'set_step', description: 'How the layer that is foretold first set, where layers are not told one by one.', type: 'number', nullable: true),
            new OA\Property(property: 'sharpness', type: 'string', nullable: true),
            new OA\Property(property: 'sweetness', type: 'string', nullable: true),
            new OA\Property(property: 'verdict', type: 'string', nullable: true),
            ...$more,
        ]));
    }
}
