<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Mark',
    type: 'string',
    enum: \Transmuta\Provenance\Mark::class,
)]
final class Mark {}
