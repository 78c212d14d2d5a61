<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Small pots at stepped doses: designed, judged, and what they say. */
#[OA\Schema(
    schema: 'PotLadder',
    type: 'object',
    required: ['id', 'edition', 'version_id', 'version', 'dish', 'revision', 'layer_id', 'layer', 'made_on', 'who', 'asked', 'design', 'found', 'fit'],
    properties: [
        new OA\Property(property: 'asked', type: 'object', required: ['asked', 'layer_id', 'lines', 'wanted', 'pots', 'step', 'pot_g', 'seed'], properties: [
            new OA\Property(property: 'asked', type: 'string'),
            new OA\Property(property: 'layer_id', type: 'string'),
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'pot_g', type: 'number'),
            new OA\Property(property: 'pots', type: 'integer'),
            new OA\Property(property: 'seed', type: 'integer'),
            new OA\Property(property: 'step', type: 'number'),
            new OA\Property(property: 'wanted', type: 'integer'),
        ]),
        new OA\Property(property: 'design', type: 'object', required: ['asked', 'mechanism', 'layer', 'serve_at', 'agents', 'wanted', 'pot_g', 'base', 'liquid', 'stock', 'pots', 'order', 'hours'], properties: [
            new OA\Property(property: 'agents', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'share'], properties: [
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'share', type: 'number'),
            ])),
            new OA\Property(property: 'asked', type: 'string'),
            new OA\Property(property: 'base', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'grams'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'name', type: 'string'),
            ])),
            new OA\Property(property: 'hours', type: 'number'),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'liquid', type: 'string', nullable: true),
            new OA\Property(property: 'mechanism', type: 'string', nullable: true),
            new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(property: 'pot_g', type: 'number'),
            new OA\Property(property: 'pots', type: 'array', items: new OA\Items(ref: '#/components/schemas/Pot')),
            new OA\Property(property: 'serve_at', type: 'number'),
            new OA\Property(property: 'stock', oneOf: [new OA\Schema(ref: '#/components/schemas/PotStock'), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'wanted', type: 'integer'),
        ]),
        new OA\Property(property: 'dish', type: 'string'),
        new OA\Property(property: 'edition', type: 'integer'),
        new OA\Property(property: 'fit', oneOf: [new OA\Schema(ref: '#/components/schemas/PotFit'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'found', type: 'object', additionalProperties: true),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'layer', type: 'string'),
        new OA\Property(property: 'layer_id', type: 'string'),
        new OA\Property(property: 'made_on', type: 'string'),
        new OA\Property(property: 'revision', type: 'integer'),
        new OA\Property(property: 'version', type: 'string'),
        new OA\Property(property: 'version_id', type: 'integer'),
        new OA\Property(property: 'who', type: 'string'),
    ],
)]
final class PotLadder {}
