<?php

declare(strict_types=1);

namespace App\Contract\Piece;

use OpenApi\Attributes as OA;

/** Two sides and what differs between them. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class ComparisonSchema extends OA\Schema
{
    use ObjectOf;

    /** @param list<OA\Property> $more */
    public function __construct(string $schema, array $more = [])
    {
        $named = static fn(): array => [new OA\Property(property: 'id', type: 'number'), new OA\Property(property: 'name', type: 'string')];
        $all = [
            new SideProperty('a', $named()),
            new SideProperty('b', $named()),
            new OA\Property(property: 'changes', ref: '#/components/schemas/ReadingChanges'),
            ...$more,
        ];
        parent::__construct(schema: $schema, type: 'object', required: self::names($all), properties: $all);
    }
}
