<?php

declare(strict_types=1);

namespace App\Policies;

use App\Access\Here;
use App\Models\Dish;
use App\Models\Errand;
use App\Models\Evidence;
use App\Models\Exercise;
use App\Models\Lot;
use App\Models\PotLadder;
use App\Models\PriceList;
use App\Models\Run;
use App\Models\Service;
use App\Models\Tasting;
use App\Models\Trial;
use App\Models\TrialPhoto;
use App\Models\User;
use App\Models\Version;
use Illuminate\Auth\Access\Response;

/** A record opens only to whoever stands at its studio; to anybody else it does not exist. */
final readonly class RecordPolicy
{
    public function __construct(private Here $here) {}

    public function view(User $user, Dish|Version|Lot|Errand|Evidence|Service|Run|PriceList|Trial|TrialPhoto|PotLadder|Tasting|Exercise $record): Response
    {
        return $this->here->holds($record->studio_id) ? Response::allow() : Response::denyAsNotFound();
    }

    /** Whether they may, too, is said by the address: what it needs is asked before ({@see \App\Http\Middleware\Allowed}). */
    public function update(User $user, Dish|Version|Lot|Errand|Evidence|Service|Run|PriceList|Trial|TrialPhoto|PotLadder|Tasting|Exercise $record): Response
    {
        return $this->view($user, $record);
    }
}
