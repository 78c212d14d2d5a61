<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use App\Models\RunEventKind;
use OpenApi\Attributes as OA;

/** What happened in a run, each by an id its device gave it. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class EventList extends OA\Property
{
    /**
     * @param list<string> $required
     * @param list<OA\Property> $more
     */
    public function __construct(array $required, array $more)
    {
        parent::__construct(property: 'events', type: 'array', items: new OA\Items(type: 'object', required: $required, properties: [
            new OA\Property(property: 'at', description: 'By the clock on the kitchen’s wall.', type: 'string'),
            new OA\Property(property: 'body', type: 'object', properties: [
                new OA\Property(property: 'celsius', type: 'number'),
                new OA\Property(property: 'factor', type: 'number'),
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'layer', type: 'integer'),
                new OA\Property(property: 'lot', description: 'Which packet it came from: an id of a lot.', type: 'integer'),
                new OA\Property(property: 'minutes', type: 'number'),
                new OA\Property(property: 'seconds', description: 'Of a temperature: s since the probe went in, by its own clock.', type: 'number'),
                new OA\Property(property: 'simulated', description: 'Whether it was read off an instrument that is not there.', type: 'boolean'),
                new OA\Property(property: 'text', type: 'string'),
                new OA\Property(property: 'to', description: 'What is taken instead, by any name the shelf knows.', type: 'string'),
            ]),
            new OA\Property(property: 'client_id', description: '26 letters and digits, such as a ULID.', type: 'string'),
            new OA\Property(property: 'kind', type: 'string', enum: RunEventKind::class),
            ...$more,
        ]));
    }
}
