<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\LotSchema;

#[LotSchema('LotUsed')]
final class LotUsed {}
