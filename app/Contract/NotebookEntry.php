<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\TrialSchema;
use OpenApi\Attributes as OA;

#[TrialSchema('NotebookEntry', [new OA\Property(property: 'dish', type: 'string'), new OA\Property(property: 'version', type: 'string')])]
final class NotebookEntry {}
