<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Process\Making\Station;

/** When every step of a service is done; or what stands in its way. */
#[OA\Schema(
    schema: 'Plan',
    type: 'object',
    required: ['feasible', 'blocked', 'steps', 'span_min', 'lower_bound_min', 'shortened', 'spare_min', 'stops'],
    properties: [
        new OA\Property(property: 'blocked', type: 'array', items: new OA\Items(type: 'object', required: ['what', 'why', 'cure'], properties: [
            new OA\Property(property: 'cure', type: 'string'),
            new OA\Property(property: 'what', type: 'string'),
            new OA\Property(property: 'why', type: 'string'),
        ])),
        new OA\Property(property: 'feasible', type: 'boolean'),
        new OA\Property(property: 'lower_bound_min', type: 'number', nullable: true),
        new OA\Property(property: 'shortened', description: 'What ripens less than is best, because there is no time.', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'span_min', type: 'number', nullable: true),
        new OA\Property(property: 'spare_min', type: 'number', nullable: true),
        new OA\Property(property: 'stops', description: 'What must not be made as it stands, whatever the plan.', type: 'array', items: new OA\Items(type: 'object', required: ['item', 'text'], properties: [
            new OA\Property(property: 'item', type: 'integer'),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new OA\Property(property: 'steps', type: 'array', items: new OA\Items(type: 'object', required: ['item', 'step', 'kind', 'start', 'end', 'hands_on_min', 'station', 'unit', 'cook', 'text', 'state', 'layer', 'endpoint', 'target_c'], properties: [
            new OA\Property(property: 'batch', type: 'integer'),
            new OA\Property(property: 'cook', type: 'integer', nullable: true),
            new OA\Property(property: 'end', type: 'string'),
            new OA\Property(property: 'endpoint', type: 'string'),
            new OA\Property(property: 'hands_on_min', type: 'number'),
            new OA\Property(property: 'item', description: 'Its place among the dishes of the service.', type: 'integer', nullable: true),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'start', type: 'string'),
            new OA\Property(property: 'state', type: 'string', enum: ['planned', 'begun', 'done', 'locked']),
            new OA\Property(property: 'station', type: 'string', enum: Station::class),
            new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'target_c', type: 'number', nullable: true),
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'unit', type: 'integer'),
        ])),
    ],
)]
final class Plan {}
