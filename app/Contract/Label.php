<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a label says in a market: computed, not analysed, by rules that are recalled. */
#[OA\Schema(
    schema: 'Label',
    type: 'object',
    required: ['regime', 'edition', 'version', 'revision', 'kitchen', 'final', 'not_final_because', 'name', 'name_words', 'ingredients', 'allergens', 'nutrition', 'statements', 'marks', 'symbols', 'claims', 'rules', 'particulars', 'corrected_since'],
    properties: [
        new OA\Property(property: 'allergens', type: 'object', required: ['contains', 'statement', 'may_contain', 'unknown'], properties: [
            new OA\Property(property: 'contains', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'statement', type: 'string', nullable: true),
            new OA\Property(property: 'unknown', type: 'array', items: new OA\Items(type: 'string')),
        ]),
        new OA\Property(property: 'claims', type: 'array', items: new OA\Items(type: 'object', required: ['claim', 'regime', 'standing', 'value', 'unit', 'condition', 'source', 'mark', 'note'], properties: [
            new OA\Property(property: 'claim', type: 'string'),
            new OA\Property(property: 'condition', type: 'string'),
            new OA\Property(property: 'mark', type: 'string', nullable: true),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'regime', type: 'string'),
            new OA\Property(property: 'source', type: 'string', nullable: true),
            new OA\Property(property: 'standing', type: 'string'),
            new OA\Property(property: 'unit', type: 'string'),
            new OA\Property(property: 'value', type: 'number'),
        ])),
        new OA\Property(property: 'corrected_since', description: 'What has changed on the shelf since the version was computed, which it does not hold yet.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'edition', type: 'string'),
        new OA\Property(property: 'final', type: 'boolean'),
        new OA\Property(property: 'ingredients', type: 'object', required: ['text', 'list'], properties: [
            new OA\Property(property: 'list', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'grams', 'percent', 'quid', 'class', 'allergens'], properties: [
                new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
                new OA\Property(property: 'class', type: 'string', nullable: true),
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'percent', type: 'number'),
                new OA\Property(property: 'quid', type: 'string', nullable: true),
            ])),
            new OA\Property(property: 'text', type: 'string'),
        ]),
        new OA\Property(property: 'kitchen', description: 'What the kitchen handles and shares, in words.', type: 'string'),
        new OA\Property(property: 'marks', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'name_words', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'not_final_because', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'nutrition', type: 'object', required: ['serving_g', 'servings', 'servings_words', 'rows', 'whole'], properties: [
            new OA\Property(property: 'servings_words', description: 'How many, as it is told: 3, or about 2.5.', type: 'string'),
            new OA\Property(property: 'whole', description: 'A second column, for the whole of a unit of two to three reference amounts.', oneOf: [new OA\Schema(type: 'object', required: ['grams', 'rows'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'rows', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabelRow')),
            ]), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'rows', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabelRow')),
            new OA\Property(property: 'serving_g', type: 'number'),
            new OA\Property(property: 'servings', type: 'number'),
        ]),
        new OA\Property(property: 'particulars', description: 'What stands on a pack beside the list, and what is put on by hand.', type: 'object', required: ['lines', 'by_hand', 'colours'], properties: [
            new OA\Property(property: 'by_hand', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'colours', description: 'Voluntary colours of the United Kingdom; none elsewhere.', type: 'array', items: new OA\Items(type: 'object', required: ['nutrient', 'colour', 'per_100g'], properties: [
                new OA\Property(property: 'colour', type: 'string', enum: ['green', 'amber', 'red']),
                new OA\Property(property: 'nutrient', type: 'string'),
                new OA\Property(property: 'per_100g', type: 'number'),
            ])),
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'object', required: ['what', 'printed', 'article', 'mark'], properties: [
                new OA\Property(property: 'article', type: 'string'),
                new OA\Property(property: 'mark', type: 'string'),
                new OA\Property(property: 'printed', type: 'string'),
                new OA\Property(property: 'what', type: 'string'),
            ])),
        ]),
        new OA\Property(property: 'regime', type: 'string'),
        new OA\Property(property: 'revision', type: 'integer'),
        new OA\Property(property: 'rules', type: 'array', items: new OA\Items(type: 'object', required: ['what', 'article', 'mark'], properties: [
            new OA\Property(property: 'article', type: 'string'),
            new OA\Property(property: 'mark', type: 'string'),
            new OA\Property(property: 'what', type: 'string'),
        ])),
        new OA\Property(property: 'statements', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'symbols', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'version', type: 'string'),
    ],
)]
final class Label {}
