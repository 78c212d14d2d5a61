<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Instrument\Trouble;

/** What is done with the scale or the probe. */
#[OA\Schema(
    schema: 'AtInstruments',
    type: 'object',
    required: ['do'],
    properties: [
        new OA\Property(property: 'do', type: 'string', enum: ['put', 'clear', 'tare', 'dip', 'lift', 'speed', 'trouble']),
        new OA\Property(property: 'grams', description: 'Put on, or taken off where it is below nothing.', type: 'number'),
        new OA\Property(property: 'step', description: 'The step whose pot, oven or fridge the probe goes into.', type: 'string'),
        new OA\Property(property: 'speed', type: 'number'),
        new OA\Property(property: 'of', type: 'string', enum: ['scale', 'probe']),
        new OA\Property(property: 'trouble', type: 'string', enum: Trouble::class),
    ],
)]
final class AtInstruments {}
