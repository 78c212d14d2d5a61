<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Standing;

#[OA\Schema(
    schema: 'Reading',
    type: 'object',
    required: ['title', 'family', 'portions', 'layers', 'portion', 'per_100g', 'us', 'questions', 'allergens', 'claims', 'cooling', 'keeps_days', 'diets', 'unresolved', 'provisional'],
    properties: [
        new OA\Property(property: 'allergens', type: 'object', required: ['unknown', 'contains', 'may_contain', 'by_regime'], properties: [
            new OA\Property(property: 'by_regime', type: 'object', required: ['eu', 'us'], properties: [
                new OA\Property(property: 'eu', type: 'object', required: ['contains', 'may_contain'], properties: [
                    new OA\Property(property: 'contains', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
                    new OA\Property(property: 'may_contain', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
                ]),
                new OA\Property(property: 'us', type: 'object', required: ['contains', 'may_contain'], properties: [
                    new OA\Property(property: 'contains', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
                    new OA\Property(property: 'may_contain', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
                ]),
            ]),
            new OA\Property(property: 'contains', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'unknown', type: 'array', items: new OA\Items(type: 'string')),
        ]),
        new OA\Property(property: 'claims', type: 'array', items: new OA\Items(type: 'object', required: ['claim', 'regime', 'standing', 'value', 'unit', 'condition', 'note', 'source', 'mark'], properties: [
            new OA\Property(property: 'claim', type: 'string'),
            new OA\Property(property: 'condition', type: 'string'),
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'regime', type: 'string'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'standing', type: 'string', enum: Standing::class),
            new OA\Property(property: 'unit', type: 'string'),
            new OA\Property(property: 'value', type: 'number'),
        ])),
        new OA\Property(property: 'cooling', oneOf: [new OA\Schema(ref: '#/components/schemas/Cooling'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'diets', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/DietVerdict')),
        new OA\Property(property: 'family', type: 'string'),
        new OA\Property(property: 'keeps_days', type: 'number'),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(ref: '#/components/schemas/LayerReading')),
        new OA\Property(property: 'per_100g', ref: '#/components/schemas/Facts'),
        new OA\Property(property: 'portion', ref: '#/components/schemas/Facts'),
        new OA\Property(property: 'portions', type: 'number'),
        new OA\Property(property: 'provisional', type: 'array', items: new OA\Items(type: 'object', required: ['line', 'text', 'ingredient', 'doubt'], properties: [
            new OA\Property(property: 'doubt', type: 'string', nullable: true),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'line', type: 'number'),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new OA\Property(property: 'questions', description: 'What has to be answered before anything is stated of the dish.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'unresolved', type: 'array', items: new OA\Items(type: 'object', required: ['line', 'text', 'reason'], properties: [
            new OA\Property(property: 'line', type: 'number'),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new OA\Property(property: 'us', type: 'object', required: ['micronutrients'], properties: [
            new OA\Property(property: 'micronutrients', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'object', required: ['value', 'unknown'], properties: [
                new OA\Property(property: 'unknown', type: 'array', items: new OA\Items(type: 'string')),
                new OA\Property(property: 'value', type: 'number'),
            ])),
        ], additionalProperties: new OA\AdditionalProperties(type: 'number')),
    ],
)]
final class Reading {}
