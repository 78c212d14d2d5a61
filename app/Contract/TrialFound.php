<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\FoundSchema;

/** What was looked at in a trial; what was not stands as null. */
#[FoundSchema('TrialFound')]
final class TrialFound {}
