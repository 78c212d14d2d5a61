<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\DietsProperty;
use App\Contract\Piece\PullListProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Card',
    type: 'object',
    required: ['kitchen', 'title', 'version', 'version_id', 'revision', 'revised_at', 'qr', 'portions', 'portion_g', 'portion_oz', 'serve_at_c', 'serve_at_f', 'brief', 'schools_at_work', 'tins', 'ingredients', 'pull', 'preparations', 'steps', 'is_own_words', 'changed_steps', 'quarrels', 'own_method', 'facts', 'open', 'final', 'contains', 'may_contain', 'diets', 'cautions'],
    properties: [
        new OA\Property(property: 'kitchen', ref: '#/components/schemas/KitchenBeside'),
        new OA\Property(property: 'brief', ref: '#/components/schemas/Brief'),
        new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'contains', type: 'array', items: new OA\Items(type: 'string')),
        new DietsProperty(),
        new OA\Property(property: 'facts', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'unit', 'portion', 'per_100g'], properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'per_100g', type: 'string'),
            new OA\Property(property: 'portion', type: 'string'),
            new OA\Property(property: 'unit', type: 'string'),
        ])),
        new OA\Property(property: 'final', type: 'boolean'),
        new OA\Property(property: 'ingredients', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'treat', 'lines'], properties: [
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'object', required: ['grams', 'us', 'name', 'note', 'made_of'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'made_of', type: 'array', items: new OA\Items(type: 'object', required: ['grams', 'name'], properties: [
                    new OA\Property(property: 'grams', type: 'number'),
                    new OA\Property(property: 'name', type: 'string'),
                ])),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'note', type: 'string'),
                new OA\Property(property: 'us', description: 'In pounds and ounces, cups and spoons, where they say it to within 1 %; else nothing.', type: 'string'),
            ])),
            new OA\Property(property: 'treat', type: 'string'),
        ])),
        new OA\Property(property: 'changed_steps', description: 'Places of the steps, from 0, that the maker’s method of the original has not; none where either is drafted.', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'is_own_words', description: 'Whether the steps are told in the studio’s own words.', type: 'boolean'),
        new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'open', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'own_method', description: 'The dish\'s own method, as its maker wrote it.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'portion_g', type: 'number'),
        new OA\Property(property: 'portion_oz', type: 'number'),
        new OA\Property(property: 'portions', type: 'number'),
        new OA\Property(property: 'preparations', description: 'What the kitchen makes for itself, with its own steps.', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'grams', 'steps', 'keeps_days'], properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'keeps_days', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
        ])),
        new PullListProperty(),
        new OA\Property(property: 'quarrels', description: 'Own words that do not agree with the formula any more.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'qr', description: 'The formula as text, where it fits in a code that a telephone reads; else nothing.', type: 'string', nullable: true),
        new OA\Property(property: 'revised_at', description: 'When that revision was made.', type: 'string'),
        new OA\Property(property: 'revision', type: 'number'),
        new OA\Property(property: 'schools_at_work', type: 'array', items: new OA\Items(ref: '#/components/schemas/SchoolAtWork')),
        new OA\Property(property: 'serve_at_c', type: 'number'),
        new OA\Property(property: 'serve_at_f', type: 'number'),
        new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'tins', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'version', type: 'string'),
        new OA\Property(property: 'version_id', type: 'number'),
    ],
)]
final class Card {}
