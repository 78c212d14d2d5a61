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
        $studios = Membership::query()->where('user_id', $user->id)->pluck('studio_id')->all();
        $row = static fn(int $studio): array => Audit::row(Traced::id(request()), ['studio_id' => $studio, 'user_id' => null, 'who' => 'somebody', 'what' => $what, 'subject' => "$user->email from $place"]);
        Audit::query()->insert(array_map($row, array_values(array_filter($studios, is_int(...)))));
    }
}
