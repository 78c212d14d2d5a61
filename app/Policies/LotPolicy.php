<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Lot;
use App\Models\Studio;
use Illuminate\Auth\Access\Response;

/** A record opens only to the studio it belongs to; to any other it does not exist. */
final class LotPolicy
{
    public function view(Studio $studio, Lot $record): Response
    {
        return $studio->id === $record->studio_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Studio $studio, Lot $record): Response
    {
        return $this->view($studio, $record);
    }
}
