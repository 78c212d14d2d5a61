<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\ServiceSchema;

#[ServiceSchema('ServiceHead', 'A service in a list of them.')]
final class ServiceHead {}
