<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Http\JsonResponse;

/** Turned away at the door, before anything was read or done. */
final class Refused extends \RuntimeException
{
    public function __construct(private readonly int $status, private readonly string $type, string $detail, private readonly string $mend)
    {
        parent::__construct($detail);
    }

    public function answer(): JsonResponse
    {
        return Problem::answer($this->status, $this->type, $this->getMessage(), '', $this->mend);
    }
}
