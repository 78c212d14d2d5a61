<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Reformulation\Evaluation\RouteStanding;

#[OA\Schema(
    schema: 'Route',
    type: 'object',
    required: ['id', 'name', 'mouth', 'fit', 'met', 'standing', 'hash', 'chance', 'debts', 'words', 'near', 'guesses', 'questions', 'packets', 'names', 'rails', 'blocked_by', 'changes', 'to_buy', 'steps', 'method', 'effort_min', 'wait_h', 'new_allergens', 'risks', 'watch', 'cost_minor', 'portion', 'contains', 'layers', 'diets', 'section', 'formula'],
    properties: [
        new OA\Property(property: 'blocked_by', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'chance', description: 'How likely its least likely layer sets within a step of what is aimed at.', type: 'number', nullable: true),
        new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Change')),
        new OA\Property(property: 'contains', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'cost_minor', type: 'number'),
        new OA\Property(property: 'debts', type: 'array', items: new OA\Items(ref: '#/components/schemas/Debt')),
        new OA\Property(property: 'diets', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/DietVerdict')),
        new OA\Property(property: 'effort_min', type: 'number'),
        new OA\Property(property: 'fit', type: 'number'),
        new OA\Property(property: 'formula', ref: '#/components/schemas/Formula'),
        new OA\Property(property: 'guesses', description: 'What it was guessed from, as questions.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'hash', type: 'string'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'set', 'ge', 'se'], properties: [
            new OA\Property(property: 'ge', type: 'number', nullable: true),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'se', type: 'number'),
            new OA\Property(property: 'set', type: 'string'),
        ])),
        new OA\Property(property: 'method', description: 'The maker’s own method as the route changes it; empty where nobody wrote one.', type: 'array', items: new OA\Items(type: 'object', required: ['text', 'changed', 'was'], properties: [
            new OA\Property(property: 'changed', type: 'string', enum: ['same', 'edited', 'new', 'gone']),
            new OA\Property(property: 'text', description: 'As it is now; empty where the step is gone.', type: 'string'),
            new OA\Property(property: 'was', description: 'The maker’s words; empty for a step that was put in.', type: 'string'),
        ])),
        new OA\Property(property: 'met', type: 'boolean'),
        new OA\Property(property: 'mouth', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'names', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'near', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'new_allergens', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'packets', description: 'What packets and certificates have to answer before a diet is met, each behind the diet or word it hangs on.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'portion', ref: '#/components/schemas/Facts'),
        new OA\Property(property: 'questions', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'rails', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(ref: '#/components/schemas/Rail'))),
        new OA\Property(property: 'risks', type: 'number'),
        new OA\Property(property: 'section', ref: '#/components/schemas/SectionShape'),
        new OA\Property(property: 'standing', type: 'string', enum: RouteStanding::class),
        new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'to_buy', description: 'What the dish had not, and where a kitchen buys it, the shop furthest away last.', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'tier', 'where'], properties: [
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'tier', description: '1 any grocer, 2 baker’s or health shop, 3 pastry supplier, 4 laboratory supplier.', type: 'integer', minimum: 1, maximum: 4),
            new OA\Property(property: 'where', type: 'string'),
        ])),
        new OA\Property(property: 'wait_h', type: 'number'),
        new OA\Property(property: 'watch', type: 'array', items: new OA\Items(ref: '#/components/schemas/Warning')),
        new OA\Property(property: 'words', description: 'What a cook has to hear first, worst first.', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class Route {}
