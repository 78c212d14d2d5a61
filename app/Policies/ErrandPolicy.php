<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Errand;
use App\Models\Studio;
use Illuminate\Auth\Access\Response;

/** A record opens only to the studio it belongs to; to any other it does not exist. */
final class ErrandPolicy
{
    public function update(Studio $studio, Errand $record): Response
    {
        return $studio->id === $record->studio_id ? Response::allow() : Response::denyAsNotFound();
    }
}
