<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\TrialSchema;

#[TrialSchema('Trial')]
final class Trial {}
