<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ComparisonSchema;

#[ComparisonSchema('Comparison')]
final class Comparison {}
