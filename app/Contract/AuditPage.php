<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'AuditPage',
    type: 'object',
    required: ['entries', 'next'],
    properties: [
        new OA\Property(property: 'entries', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'at', 'who', 'what', 'subject', 'from_revision', 'to_revision', 'request'], properties: [new OA\Property(property: 'at', type: 'string'), new OA\Property(property: 'from_revision', type: 'number', nullable: true), new OA\Property(property: 'id', type: 'number'), new OA\Property(property: 'request', type: 'string'), new OA\Property(property: 'subject', type: 'string'), new OA\Property(property: 'to_revision', type: 'number', nullable: true), new OA\Property(property: 'what', type: 'string'), new OA\Property(property: 'who', type: 'string')])),
        new OA\Property(property: 'next', type: 'number', nullable: true),
    ],
)]
final class AuditPage {}
