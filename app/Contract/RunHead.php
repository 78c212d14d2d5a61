<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\RunSchema;

#[RunSchema('RunHead', 'A run in a list of them.')]
final class RunHead {}
