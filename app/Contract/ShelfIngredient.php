<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;

#[OA\Schema(
    schema: 'ShelfIngredient',
    type: 'object',
    required: ['revision', 'agents', 'allergens', 'ask', 'based_on', 'computed_kj', 'curves', 'declared', 'densities', 'diets', 'evidence', 'functions', 'group', 'id', 'jobs', 'mark', 'micronutrients', 'name', 'names', 'not', 'note', 'own', 'packet', 'parts', 'ph', 'preparation', 'price', 'source', 'standards', 'stated_kj', 'sulphites', 'sum', 'sweetener', 'units', 'used_in'],
    properties: [
        new CountProperty(),
        new OA\Property(property: 'agents', type: 'array', items: new OA\Items(ref: '#/components/schemas/MapOfStrings')),
        new OA\Property(property: 'allergens', type: 'object', required: ['eu', 'us', 'may_contain', 'cereals'], properties: [
            new OA\Property(property: 'cereals', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'eu', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'us', type: 'array', items: new OA\Items(type: 'string')),
        ]),
        new OA\Property(property: 'ask', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'based_on', type: 'string', nullable: true),
        new OA\Property(property: 'computed_kj', type: 'number'),
        new OA\Property(property: 'curves', type: 'array', items: new OA\Items(ref: '#/components/schemas/Curve')),
        new OA\Property(property: 'densities', type: 'array', items: new OA\Items(type: 'object', required: ['mark', 'name', 'source', 'value', 'words'], properties: [
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'object', required: ['diet', 'standing', 'why'], properties: [
            new OA\Property(property: 'diet', type: 'string', enum: Diet::class),
            new OA\Property(property: 'standing', type: 'string', enum: Standing::class),
            new OA\Property(property: 'why', type: 'string'),
        ])),
        new OA\Property(property: 'evidence', type: 'array', items: new OA\Items(ref: '#/components/schemas/Evidence')),
        new OA\Property(property: 'functions', type: 'array', items: new OA\Items(type: 'object', required: ['mark', 'name', 'source', 'value', 'words'], properties: [
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'group', type: 'string'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'jobs', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
        new OA\Property(property: 'micronutrients', type: 'array', items: new OA\Items(type: 'object', required: ['fact', 'value'], properties: [
            new OA\Property(property: 'fact', type: 'string'),
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'value', type: 'number', nullable: true),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'names', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'not', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'declared', description: 'Its list of ingredients, as its packet prints it.', type: 'string', nullable: true),
        new OA\Property(property: 'sulphites', description: 'mg of sulphur dioxide in 1 kg, as stated.', type: 'number', nullable: true),
        new OA\Property(property: 'note', type: 'string', nullable: true),
        new OA\Property(property: 'own', oneOf: [new OA\Schema(type: 'string', enum: ['own', 'corrected']), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'packet', oneOf: [new OA\Schema(ref: '#/components/schemas/Packet'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'parts', type: 'array', items: new OA\Items(type: 'object', required: ['grams', 'mark', 'part', 'source', 'words'], properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'part', type: 'string'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'ph', oneOf: [new OA\Schema(type: 'object', required: ['mark', 'source', 'value', 'words'], properties: [
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'words', type: 'string'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'preparation', description: 'Present where the studio makes it: its lines in g per 1000 g of it.', oneOf: [new OA\Schema(type: 'object', required: ['lines', 'inner', 'raw', 'steps', 'yield', 'keeps_days', 'beside'], properties: [
            new OA\Property(property: 'beside', oneOf: [new OA\Schema(type: 'object', required: ['made', 'bought'], properties: [
                new OA\Property(property: 'bought', ref: '#/components/schemas/Beside'),
                new OA\Property(property: 'made', ref: '#/components/schemas/Beside'),
            ]), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'inner', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'grams', 'steps', 'keeps_days'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'keeps_days', type: 'number'),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
            ])),
            new OA\Property(property: 'keeps_days', type: 'number'),
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'grams'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'name', type: 'string'),
            ])),
            new OA\Property(property: 'raw', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'group', 'class', 'grams'], properties: [
                new OA\Property(property: 'class', type: 'string'),
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'group', type: 'string'),
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'name', type: 'string'),
            ])),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'yield', type: 'number'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'price', oneOf: [new OA\Schema(type: 'object', required: ['mark', 'minor_per_kg', 'source', 'words'], properties: [
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'minor_per_kg', type: 'number'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'source', type: 'string'),
        new OA\Property(property: 'standards', type: 'array', items: new OA\Items(type: 'object', required: ['fact', 'rule', 'value', 'source', 'ours'], properties: [
            new OA\Property(property: 'fact', type: 'string'),
            new OA\Property(property: 'ours', type: 'number'),
            new OA\Property(property: 'rule', type: 'string', enum: ['min', 'max']),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'value', type: 'number'),
        ])),
        new OA\Property(property: 'stated_kj', type: 'number', nullable: true),
        new OA\Property(property: 'sum', type: 'number'),
        new OA\Property(property: 'sweetener', type: 'array', items: new OA\Items(ref: '#/components/schemas/MapOfStrings')),
        new OA\Property(property: 'units', type: 'array', items: new OA\Items(type: 'object', required: ['mark', 'name', 'source', 'value', 'words'], properties: [
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'used_in', type: 'array', items: new OA\Items(ref: '#/components/schemas/HeldBy')),
    ],
)]
final class ShelfIngredient {}
