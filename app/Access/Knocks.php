<?php

declare(strict_types=1);

namespace App\Access;

use App\Http\Middleware\Traced;
use App\Models\Audit;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Support\Facades\Log;

/** Who knocked and was not let in: written into the log, and into the record of every studio of the person whose address it was. */
final class Knocks
{
    public static function note(string $address, string $place, string $what): void
    {
        Log::warning('transmuta: ' . $what, ['address' => mb_substr(Tries::folded($address), 0, 190), 'place' => $place]);
        $query = User::query();
        $user = $query->where('email', mb_strtolower($address))->first();
        if ($user === null) {
            return;
        }
        foreach (Membership::query()->where('user_id', $user->id)->pluck('studio_id')->all() as $studio) {
            Audit::query()->insert(['studio_id' => $studio, 'user_id' => null, 'who' => 'somebody', 'what' => mb_substr($what, 0, 60), 'subject' => mb_substr("$user->email from $place", 0, 80), 'request' => Traced::id(request()), 'at' => now()->format('Y-m-d H:i:s.v')]);
        }
    }
}
