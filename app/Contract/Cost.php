<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a version costs by the prices of a day. Money in integer minor units. */
#[OA\Schema(
    schema: 'Cost',
    type: 'object',
    required: ['currency', 'portions', 'lines', 'labour_minor', 'energy_minor', 'packaging_minor', 'batch_minor', 'portion_minor', 'unpriced', 'as_of', 'dates', 'since', 'beside', 'rates', 'assumed', 'sells_minor', 'said', 'studio_revision', 'left_minor', 'left_percent'],
    properties: [
        new OA\Property(property: 'as_of', type: 'string'),
        new OA\Property(property: 'assumed', description: 'What is reckoned with: the studio’s own, or an example.', type: 'object', required: ['labour', 'energy'], properties: [
            new OA\Property(property: 'energy', type: 'number'),
            new OA\Property(property: 'labour', type: 'number'),
        ]),
        new OA\Property(property: 'batch_minor', type: 'integer'),
        new OA\Property(property: 'beside', type: 'array', items: new OA\Items(type: 'object', required: ['version_id', 'version', 'portion_minor', 'unpriced'], properties: [
            new OA\Property(property: 'portion_minor', type: 'integer'),
            new OA\Property(property: 'unpriced', type: 'integer'),
            new OA\Property(property: 'version', type: 'string'),
            new OA\Property(property: 'version_id', type: 'integer'),
        ])),
        new OA\Property(property: 'currency', type: 'string'),
        new OA\Property(property: 'dates', description: 'Days of which there are price lists.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'energy_minor', type: 'integer'),
        new OA\Property(property: 'labour_minor', type: 'integer'),
        new OA\Property(property: 'left_minor', description: 'Of what a portion sells for, without tax and cost.', type: 'integer', nullable: true),
        new OA\Property(property: 'left_percent', type: 'number', nullable: true),
        new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'grams_bought', 'minor', 'by'], properties: [
            new OA\Property(property: 'by', description: 'Whose price it is; nothing where it is the shelf’s own.', oneOf: [new OA\Schema(type: 'object', required: ['supplier', 'article', 'dated_on', 'minor_per_kg'], properties: [
                new OA\Property(property: 'article', type: 'string'),
                new OA\Property(property: 'dated_on', type: 'string'),
                new OA\Property(property: 'minor_per_kg', type: 'number'),
                new OA\Property(property: 'supplier', type: 'string'),
            ]), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'grams_bought', type: 'number'),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'minor', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
        new OA\Property(property: 'packaging_minor', type: 'integer'),
        new OA\Property(property: 'portion_minor', type: 'integer'),
        new OA\Property(property: 'portions', type: 'integer'),
        new OA\Property(property: 'rates', ref: '#/components/schemas/CostRates'),
        new OA\Property(property: 'said', type: 'integer'),
        new OA\Property(property: 'sells_minor', type: 'integer', nullable: true),
        new OA\Property(property: 'since', oneOf: [new OA\Schema(type: 'object', required: ['date', 'portion_minor', 'percent', 'because'], properties: [
            new OA\Property(property: 'because', description: 'The largest first; per cent of the whole earlier cost.', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'minor', 'percent'], properties: [
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'minor', type: 'integer'),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'percent', type: 'number', nullable: true),
            ])),
            new OA\Property(property: 'date', type: 'string'),
            new OA\Property(property: 'percent', type: 'number', nullable: true),
            new OA\Property(property: 'portion_minor', type: 'integer'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'studio_revision', type: 'integer'),
        new OA\Property(property: 'unpriced', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class Cost {}
