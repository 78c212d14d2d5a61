<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** The contract's head. Shapes stand beside it, paths at the controllers; `bin/openapi` writes docs/openapi.json and the front end's types from them. */
#[OA\OpenApi(openapi: '3.1.0')]
#[OA\Info(title: 'Transmuta', version: '1', description: 'Masses in g, temperatures in °C, parts in g per 100 g, money in minor units.')]
final class Api {}
