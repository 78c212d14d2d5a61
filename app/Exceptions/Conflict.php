<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Models\Version;

/** Somebody else saved the same version in between. */
final class Conflict extends \RuntimeException
{
    public function __construct(public readonly Version $current)
    {
        parent::__construct('This version was changed in another window.');
    }
}
