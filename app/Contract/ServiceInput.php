<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ServiceSaid;
use OpenApi\Attributes as OA;

#[ServiceSaid('ServiceInput', 'What is changed of a service; what is left out stays.', more: [new OA\Property(property: 'revision', type: 'integer')])]
final class ServiceInput {}
