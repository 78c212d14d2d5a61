<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use App\Contract\Piece\SideProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'BenchData',
    type: 'object',
    required: ['kitchen', 'version', 'lineage', 'now', 'original', 'layer_keys', 'rails', 'watch', 'changed_ingredients', 'trials'],
    properties: [
        new OA\Property(property: 'changed_ingredients', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name'], properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
        new OA\Property(property: 'kitchen', ref: '#/components/schemas/KitchenBeside'),
        new OA\Property(property: 'layer_keys', description: 'What tells the layers apart, in their order: two may have one name.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'lineage', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'parent_id', 'aims_at'], properties: [
            new OA\Property(property: 'aims_at', type: 'number', nullable: true),
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'parent_id', type: 'number', nullable: true),
        ])),
        new OA\Property(property: 'now', ref: '#/components/schemas/Side'),
        new SideProperty('original', [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'version_id', type: 'number')]),
        new OA\Property(property: 'rails', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(ref: '#/components/schemas/Rail'))),
        new OA\Property(property: 'trials', type: 'array', items: new OA\Items(ref: '#/components/schemas/Trial')),
        new OA\Property(property: 'version', type: 'object', required: ['id', 'dish_id', 'dish_title', 'family', 'parent_id', 'name', 'brief', 'origin', 'notes', 'said', 'dish_revision', 'wanted', 'schools', 'schools_at_work', 'revision', 'standing', 'aim', 'saved_at'], properties: [
            new OA\Property(property: 'aim', description: 'The revision of the original it aims at; for the original, who aims at an earlier one.', type: 'object', required: ['number', 'is_behind', 'behind'], properties: [
                new OA\Property(property: 'behind', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name'], properties: [
                    new OA\Property(property: 'id', type: 'number'),
                    new OA\Property(property: 'name', type: 'string'),
                ])),
                new OA\Property(property: 'is_behind', type: 'boolean'),
                new OA\Property(property: 'number', type: 'number', nullable: true),
            ]),
            new OA\Property(property: 'brief', ref: '#/components/schemas/Brief'),
            new OA\Property(property: 'dish_id', type: 'number'),
            new CountProperty('dish_revision', 'dish’s changes'),
            new CountProperty('said', 'changes of name and notes'),
            new OA\Property(property: 'dish_title', type: 'string'),
            new OA\Property(property: 'family', type: 'string'),
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'notes', type: 'string'),
            new OA\Property(property: 'origin', type: 'object', required: ['kind'], properties: [
                new OA\Property(property: 'aims', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
                new OA\Property(property: 'blocked_by', type: 'array', items: new OA\Items(type: 'string')),
                new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Change')),
                new OA\Property(property: 'fit', type: 'number'),
                new OA\Property(property: 'hash', type: 'string'),
                new OA\Property(property: 'kind', type: 'string'),
                new OA\Property(property: 'mouth', type: 'string'),
                new OA\Property(property: 'route', type: 'string'),
                new OA\Property(property: 'standing', type: 'string'),
                new OA\Property(property: 'words', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'array', items: new OA\Items(type: 'string'))]),
            ]),
            new OA\Property(property: 'parent_id', type: 'number', nullable: true),
            new OA\Property(property: 'revision', description: 'What a window must have seen to write: grows with every change.', type: 'number'),
            new OA\Property(property: 'saved_at', type: 'string'),
            new OA\Property(property: 'schools', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(property: 'schools_at_work', type: 'array', items: new OA\Items(ref: '#/components/schemas/SchoolAtWork')),
            new OA\Property(property: 'standing', description: 'Where it stands in its history.', type: 'object', required: ['number', 'can_undo', 'can_redo'], properties: [
                new OA\Property(property: 'can_redo', type: 'boolean'),
                new OA\Property(property: 'can_undo', type: 'boolean'),
                new OA\Property(property: 'number', type: 'number'),
            ]),
            new OA\Property(property: 'wanted', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/MapOfNumbers')),
        ]),
        new OA\Property(property: 'watch', type: 'array', items: new OA\Items(ref: '#/components/schemas/Warning')),
    ],
)]
final class BenchData {}
