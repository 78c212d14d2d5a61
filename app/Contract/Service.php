<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\GuestList;
use App\Contract\Piece\KitchenAtWork;
use App\Contract\Piece\ServiceSchema;
use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;
use Transmuta\Process\Plan\FixedState;

#[ServiceSchema('Service', 'When, in what kitchen, who comes, what is made, and what has been said of its steps.', [
    new KitchenAtWork(),
    new GuestList(),
    new OA\Property(property: 'margin', type: 'number', description: 'Under 1 a share of the portions, from 1 on portions of each version.'),
    new OA\Property(property: 'items', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'version_id', 'dish_id', 'dish', 'version', 'is_removed', 'portions', 'diets'], properties: [
        new OA\Property(property: 'diets', description: 'What this version must be free for; nothing in particular where there is none.', type: 'array', items: new OA\Items(type: 'string', enum: Diet::class)),
        new OA\Property(property: 'dish', type: 'string'),
        new OA\Property(property: 'dish_id', type: 'integer'),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'is_removed', type: 'boolean'),
        new OA\Property(property: 'portions', type: 'integer'),
        new OA\Property(property: 'version', type: 'string'),
        new OA\Property(property: 'version_id', type: 'integer'),
    ])),
    new OA\Property(property: 'said', description: 'What has been begun, done or locked.', type: 'array', items: new OA\Items(type: 'object', required: ['item_id', 'step', 'batch', 'state', 'at', 'who'], properties: [
        new OA\Property(property: 'at', type: 'string'),
        new OA\Property(property: 'batch', type: 'integer', nullable: true),
        new OA\Property(property: 'item_id', type: 'integer'),
        new OA\Property(property: 'state', type: 'string', enum: FixedState::class),
        new OA\Property(property: 'step', type: 'string'),
        new OA\Property(property: 'who', type: 'string'),
    ])),
])]
final class Service {}
