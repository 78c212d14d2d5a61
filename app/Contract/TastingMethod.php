<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** How samples are told apart. */
#[OA\Schema(
    schema: 'TastingMethod',
    type: 'string',
    enum: ['triangle', 'duo-trio', 'paired', 'just-right'],
)]
final class TastingMethod {}
