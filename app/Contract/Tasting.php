<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A tasting; its key and its count are sealed until it is closed. */
#[OA\Schema(
    schema: 'Tasting',
    type: 'object',
    required: ['id', 'edition', 'title', 'method', 'who', 'laid_on', 'closed_at', 'tasters', 'taken', 'answered', 'versions', 'names', 'code', 'balanced', 'round', 'power', 'samples', 'plan', 'seats', 'result'],
    properties: [
        new OA\Property(property: 'answered', type: 'integer'),
        new OA\Property(property: 'balanced', type: 'boolean'),
        new OA\Property(property: 'closed_at', type: 'string', nullable: true),
        new OA\Property(property: 'code', description: 'What opens its table.', type: 'string'),
        new OA\Property(property: 'edition', type: 'integer'),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'laid_on', type: 'string'),
        new OA\Property(property: 'method', ref: '#/components/schemas/TastingMethod'),
        new OA\Property(property: 'names', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'plan', type: 'object', required: ['question', 'sided', 'tasters', 'alpha', 'power', 'pd', 'expects', 'attributes', 'seed'], properties: [
            new OA\Property(property: 'alpha', type: 'number'),
            new OA\Property(property: 'attributes', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'expects', type: 'string', nullable: true),
            new OA\Property(property: 'pd', type: 'number'),
            new OA\Property(property: 'power', type: 'number'),
            new OA\Property(property: 'question', type: 'string'),
            new OA\Property(property: 'seed', description: 'Sealed until it is closed.', type: 'integer', nullable: true),
            new OA\Property(property: 'sided', type: 'string'),
            new OA\Property(property: 'tasters', type: 'integer'),
        ]),
        new OA\Property(property: 'power', oneOf: [new OA\Schema(ref: '#/components/schemas/TastingPower'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'result', oneOf: [new OA\Schema(ref: '#/components/schemas/TastingResult'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'round', description: 'Tasters that use every order once.', type: 'integer'),
        new OA\Property(property: 'samples', type: 'array', items: new OA\Items(type: 'object', required: ['letter', 'name', 'version_id', 'revision_id', 'contains', 'may_contain', 'unknown', 'cautions'], properties: [
            new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'contains', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'letter', type: 'string'),
            new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'revision_id', type: 'integer', nullable: true),
            new OA\Property(property: 'unknown', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'version_id', type: 'integer', nullable: true),
        ])),
        new OA\Property(property: 'seats', type: 'array', items: new OA\Items(type: 'object', required: ['number', 'codes', 'is_taken', 'has_answered', 'from', 'letters', 'answer'], properties: [
            new OA\Property(property: 'answer', description: 'Sealed until it is closed.', type: 'object', additionalProperties: true, nullable: true),
            new OA\Property(property: 'codes', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(property: 'from', description: 'Which place it was taken from, counted in the order of the seats: the same number is the same place.', type: 'integer', nullable: true),
            new OA\Property(property: 'has_answered', type: 'boolean'),
            new OA\Property(property: 'is_taken', type: 'boolean'),
            new OA\Property(property: 'letters', description: 'Sealed until it is closed.', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'string')), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'number', type: 'integer'),
        ])),
        new OA\Property(property: 'taken', type: 'integer'),
        new OA\Property(property: 'tasters', type: 'integer'),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'versions', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'who', type: 'string'),
    ],
)]
final class Tasting {}
