<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ComparisonSchema;
use OpenApi\Attributes as OA;

#[ComparisonSchema('RevisionComparison', [new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string'))])]
final class RevisionComparison {}
