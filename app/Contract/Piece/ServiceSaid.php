<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;

/** What may be said of a service; what is left out stays as it is. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class ServiceSaid extends OA\Schema
{
    /**
     * @param list<string> $required
     * @param list<OA\Property> $more
     */
    public function __construct(string $schema, string $description, array $required = [], array $more = [])
    {
        parent::__construct(schema: $schema, description: $description, type: 'object', required: $required, properties: [
            new GuestList(),
            new OA\Property(property: 'items', type: 'array', items: new OA\Items(type: 'object', required: ['version_id', 'portions'], properties: [
                new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'string', enum: Diet::class)),
                new OA\Property(property: 'id', description: 'Of a dish that stays: what was ticked off of it stays too.', type: 'integer', nullable: true),
                new OA\Property(property: 'portions', type: 'integer'),
                new OA\Property(property: 'version_id', type: 'integer'),
            ])),
            new KitchenAtWork(),
            new OA\Property(property: 'margin', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'serve_at', type: 'string'),
            ...$more,
        ]);
    }
}
