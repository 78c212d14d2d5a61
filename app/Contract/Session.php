<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Session',
    type: 'object',
    required: ['user', 'studio', 'role', 'may', 'studios', 'demo', 'is_new'],
    properties: [
        new OA\Property(property: 'demo', description: 'Whether the demo is signed in to with one press.', type: 'boolean'),
        new OA\Property(property: 'is_new', description: 'Whether nobody but the demo is known yet.', type: 'boolean'),
        new OA\Property(property: 'may', description: 'What whoever is signed in may do at that studio; nothing where nobody is.', type: 'array', items: new OA\Items(type: 'string', enum: \App\Access\Ability::class)),
        new OA\Property(property: 'role', type: 'string', nullable: true),
        new OA\Property(property: 'studio', type: 'object', nullable: true, required: ['id', 'name'], properties: [new OA\Property(property: 'id', type: 'number'), new OA\Property(property: 'name', type: 'string')]),
        new OA\Property(property: 'studios', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'role'], properties: [new OA\Property(property: 'id', type: 'number'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'role', type: 'string', enum: \App\Access\Role::class)])),
        new OA\Property(property: 'user', type: 'object', nullable: true, required: ['id', 'name', 'email'], properties: [new OA\Property(property: 'email', type: 'string'), new OA\Property(property: 'id', type: 'number'), new OA\Property(property: 'name', type: 'string')]),
    ],
)]
final class Session {}
