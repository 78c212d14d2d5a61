<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Studio;
use App\Models\Version;
use Illuminate\Auth\Access\Response;

/** A record opens only to the studio it belongs to; to any other it does not exist. */
final class VersionPolicy
{
    public function view(Studio $studio, Version $record): Response
    {
        return $studio->id === $record->studio_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Studio $studio, Version $record): Response
    {
        return $this->view($studio, $record);
    }
}
