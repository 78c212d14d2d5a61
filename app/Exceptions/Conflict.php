<?php

declare(strict_types=1);

namespace App\Exceptions;

/** Somebody else changed the same thing in between. */
final class Conflict extends \RuntimeException
{
    /**
     * @param int $revision at which it now stands
     * @param ?int $version where it is the formula of a version: one's own can be kept as a new one beside it
     */
    public function __construct(public readonly int $revision, public readonly ?int $version = null)
    {
        parent::__construct(($version === null ? 'This' : 'This version') . ' was changed in another window.');
    }

    public function mend(): string
    {
        return $this->version === null ? 'Nothing typed here is lost: look at what it says now, and keep yours again if it is to stand.' : 'Keep yours as a new version, or take theirs. Nothing typed here is lost.';
    }
}
