<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\SideSchema;

#[SideSchema('Side')]
final class Side {}
