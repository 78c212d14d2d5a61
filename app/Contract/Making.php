<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ToldSteps;
use OpenApi\Attributes as OA;
use Transmuta\Process\Making\Station;
use Transmuta\Process\Making\StepKind;

/** How a version is made: steps in an order in which they may be done, and the temperatures to watch. */
#[OA\Schema(
    schema: 'Making',
    type: 'object',
    required: ['steps', 'critical', 'stops', 'told', 'sentences', 'raw', 'kinds', 'heat'],
    properties: [
        new OA\Property(property: 'critical', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'what', 'celsius', 'low', 'high'], properties: [
            new OA\Property(property: 'celsius', type: 'number', nullable: true),
            new OA\Property(property: 'high', type: 'number', nullable: true),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'low', type: 'number', nullable: true),
            new OA\Property(property: 'what', type: 'string'),
        ])),
        new OA\Property(property: 'heat', description: 'What heat each line meets by the maker’s own steps; a line they do not speak of is not told.', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'line', 'ingredient', 'level', 'still', 'apart', 'water_g', 'minutes'], properties: [
            new OA\Property(property: 'apart', description: 'Whether only a part of its layer is in the pot with it.', type: 'boolean'),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'level', description: 'Never warmed, melted (33 °C), cooked (70 °C) or boiled (95 °C).', type: 'string', enum: ['cold', 'warm', 'hot', 'boil']),
            new OA\Property(property: 'line', description: 'Its id; empty where nobody has given one.', type: 'string'),
            new OA\Property(property: 'minutes', description: 'min at that heat, where somebody said.', type: 'number', nullable: true),
            new OA\Property(property: 'still', description: 'Whether nobody stirs it, as in an oven.', type: 'boolean'),
            new OA\Property(property: 'water_g', description: 'g of water in the pot with it when it is hottest.', type: 'number'),
        ])),
        new OA\Property(property: 'kinds', description: 'What each layer is, as its makers call it.', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'kind', 'name'], properties: [
            new OA\Property(property: 'kind', description: 'A key of the table of kinds.', type: 'string'),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
        new OA\Property(property: 'raw', description: 'What the maker’s own steps never heat after it goes in.', type: 'array', items: new OA\Items(type: 'object', required: ['line', 'layer', 'what', 'why'], properties: [
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'line', description: 'Its ingredient.', type: 'string'),
            new OA\Property(property: 'what', type: 'string', enum: ['egg', 'flour']),
            new OA\Property(property: 'why', type: 'string'),
        ])),
        new OA\Property(property: 'sentences', description: 'The maker’s method, sentence by sentence; none where the making is drafted.', type: 'array', items: new OA\Items(type: 'object', required: ['text', 'as', 'steps'], properties: [
            new OA\Property(property: 'as', type: 'string', enum: ['steps', 'note', 'serving', 'storage', 'heading', 'unread']),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new OA\Property(property: 'stops', description: 'What must not be made as it stands: raw egg, raw flour.', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'text'], properties: [
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'layer', 'kind', 'text', 'lines', 'target_c', 'endpoint', 'hands_on_min', 'wait_min', 'station', 'tools', 'after', 'hold_max_min', 'reason', 'goes_wrong', 'rescue', 'operation', 'origin', 'sentence', 'inputs', 'product_g', 'oven', 'between', 'ways', 'loss_g', 'loses'], properties: [
            new OA\Property(property: 'after', description: 'Steps that must be done before.', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'between', description: 'How it looks before it is done, which is no fault yet.', type: 'string'),
            new OA\Property(property: 'endpoint', description: 'How a cook sees that it is done.', type: 'string'),
            new OA\Property(property: 'goes_wrong', type: 'string'),
            new OA\Property(property: 'hands_on_min', type: 'number'),
            new OA\Property(property: 'hold_max_min', description: 'How long its result may wait for the step that uses it.', type: 'number', nullable: true),
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'inputs', description: 'What goes in: lines by their place in the formula, and products of steps.', type: 'array', items: new OA\Items(type: 'object', required: ['grams'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'line', type: 'integer', nullable: true),
                new OA\Property(property: 'step', type: 'string'),
            ])),
            new OA\Property(property: 'is_new', description: 'The original has no step like it; not said of an original.', type: 'boolean'),
            new OA\Property(property: 'kind', type: 'string', enum: StepKind::class),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'grams'], properties: [
                new OA\Property(property: 'about', description: 'In the studio’s own measures, where they say it near enough.', type: 'string', nullable: true),
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'ingredient', type: 'string'),
            ])),
            new OA\Property(property: 'loses', description: 'What is lost at the step.', type: 'string'),
            new OA\Property(property: 'loss_g', description: 'g lost at the step.', type: 'number'),
            new OA\Property(property: 'operation', description: 'What is done, a key of the table of operations.', type: 'string'),
            new OA\Property(property: 'origin', description: 'In the maker’s own words, or drafted where nobody wrote any.', type: 'string', enum: ['own', 'drafted']),
            new OA\Property(property: 'oven', description: 'Stages of a bake; 0 °C is an oven that is turned off.', type: 'array', items: new OA\Items(type: 'object', required: ['celsius', 'fan', 'minutes'], properties: [
                new OA\Property(property: 'celsius', description: 'Of a still oven.', type: 'number', nullable: true),
                new OA\Property(property: 'fan', description: 'Whether a fan oven was said.', type: 'boolean'),
                new OA\Property(property: 'minutes', type: 'number', nullable: true),
            ])),
            new OA\Property(property: 'product_g', description: 'g of what the step makes: all that has gone in, less what was lost.', type: 'number'),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'rescue', type: 'string'),
            new OA\Property(property: 'sentence', description: 'Of the method, from 0; null where nobody wrote it.', type: 'integer', nullable: true),
            new OA\Property(property: 'station', type: 'string', enum: Station::class),
            new OA\Property(property: 'target_c', type: 'number', nullable: true),
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'tools', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'ways', description: 'Other means to do it.', type: 'array', items: new OA\Items(type: 'object', required: ['by', 'minutes', 'note'], properties: [
                new OA\Property(property: 'by', type: 'string'),
                new OA\Property(property: 'minutes', description: 'min of hands; null where it cannot be done so.', type: 'number', nullable: true),
                new OA\Property(property: 'note', type: 'string'),
            ])),
            new OA\Property(property: 'wait_min', type: 'object', required: ['least', 'best', 'most'], properties: [
                new OA\Property(property: 'best', type: 'number'),
                new OA\Property(property: 'least', type: 'number'),
                new OA\Property(property: 'most', type: 'number', nullable: true),
            ]),
        ])),
        new ToldSteps('told'),
    ],
)]
final class Making {}
