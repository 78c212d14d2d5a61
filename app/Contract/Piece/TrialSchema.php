<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** A trial: what was foretold, and what was found. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class TrialSchema extends OA\Schema
{
    use ObjectOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $schema, array $more = [])
    {
        $all = self::byName([
            new OA\Property(property: 'corrections', description: 'What stood there before, the first first.', type: 'array', items: new OA\Items(ref: '#/components/schemas/TrialCorrection')),
            new OA\Property(property: 'edition', description: 'Counts its changes.', type: 'integer'),
            new OA\Property(property: 'found', ref: '#/components/schemas/TrialFound'),
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'lots', description: 'What it was made of, where that was noted.', type: 'array', items: new OA\Items(ref: '#/components/schemas/LotUsed')),
            new OA\Property(property: 'made_on', type: 'string'),
            new OA\Property(property: 'next', description: 'What to change next.', type: 'string'),
            new OA\Property(property: 'photos', type: 'array', items: new OA\Items(ref: '#/components/schemas/TrialPhoto')),
            new OA\Property(property: 'predicted', type: 'object', required: ['layer', 'ge', 'step_index', 'step', 'se', 'ph', 'layers'], properties: [
                new OA\Property(property: 'ge', type: 'number', nullable: true),
                new OA\Property(property: 'layer', type: 'string'),
                new OA\Property(property: 'layer_id', type: 'string'),
                new OA\Property(property: 'layers', description: 'Every layer that sets; none in what was noted before they were told.', type: 'array', items: new OA\Items(ref: '#/components/schemas/Foretold')),
                new OA\Property(property: 'ph', type: 'number', nullable: true),
                new OA\Property(property: 'se', type: 'number'),
                new OA\Property(property: 'step', type: 'string'),
                new OA\Property(property: 'step_index', type: 'number', nullable: true),
            ]),
            new OA\Property(property: 'remark', type: 'string'),
            new OA\Property(property: 'revision', description: 'The revision of the version that was made.', type: 'number'),
            new OA\Property(property: 'run_id', description: 'The run it was made in.', type: 'integer', nullable: true),
            new OA\Property(property: 'set_step', description: 'Of the layer that is foretold first; null where nobody judged it.', type: 'number', nullable: true),
            new OA\Property(property: 'set_word', type: 'string', nullable: true),
            new OA\Property(property: 'sharpness', type: 'string', nullable: true),
            new OA\Property(property: 'sweetness', type: 'string', nullable: true),
            new OA\Property(property: 'verdict', type: 'string', nullable: true),
            new OA\Property(property: 'version_id', type: 'number'),
            new OA\Property(property: 'who', type: 'string'),
            ...$more,
        ]);
        parent::__construct(schema: $schema, type: 'object', required: self::names($all), properties: $all);
    }
}
