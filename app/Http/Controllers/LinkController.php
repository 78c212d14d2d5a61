<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Here;
use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Link;
use App\Models\Membership;
use App\Models\User;
use App\Services\Doors;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;

/** A link for one use, followed: to join a studio, or to choose another password. */
final class LinkController extends Controller
{
    #[OA\Get(
        path: '/api/links/{secret}',
        summary: 'What a link is for',
        operationId: 'Link.show',
        parameters: [new InPath('secret', 'string')],
        responses: [new Answered('LinkFor'), new Wrong()],
    )]
    public function show(string $secret): JsonResponse
    {
        $link = Link::good($secret)->with(['studio', 'user'])->firstOrFail();

        return new JsonResponse(['studio' => $link->studio->name, 'role' => $link->role?->value, 'name' => $link->user?->name]);
    }

    #[OA\Post(
        path: '/api/links/{secret}',
        summary: 'Joins, or chooses another password; the link is used up',
        operationId: 'Link.follow',
        parameters: [new InPath('secret', 'string')],
        requestBody: new Asked('FollowLink'),
        responses: [new Answered('Session'), new Wrong()],
    )]
    public function follow(Request $request, string $secret, Doors $doors, Here $here, SessionController $sessions): JsonResponse
    {
        $link = Link::good($secret)->firstOrFail();
        $joins = $link->user_id === null;
        $known = $joins ? $here->user() : null;
        if ($known === null) {
            $request->validate([...($joins ? ['name' => ['required', 'string', 'max:80'], 'email' => ['required', 'email', 'max:190', 'unique:users,email']] : []), 'password' => SessionController::chosen($link->user === null ? [(string) $request->string('name'), (string) $request->string('email')] : SessionController::about($link->user))], [...SessionController::words(), 'email.unique' => 'Somebody has that address already: sign in first, then follow the link again.']);
        }
        /** @var User $user */
        $user = DB::transaction(static function () use ($request, $secret, $known): User {
            $held = Link::good($secret);
            $held->lockForUpdate();
            $link = $held->firstOrFail();
            $link->update(['used_at' => now()]);
            if ($link->user_id !== null) {
                $of = User::query();
                $of->whereKey($link->user_id);
                $user = $of->firstOrFail();
                // Asked again now that it is followed: since it was made they may have come to work elsewhere too.
                if (!$user->isOnlyOf($link->studio_id)) {
                    throw Nonsense::of('link', $user->name, 'they work at another studio as well by now, so a link of one studio alone no longer resets their password');
                }
                $user->forceFill(['password' => (string) $request->string('password')])->save();
                Doors::endOthers($user);
                Doors::endTokens($user);

                return $user;
            }
            $user = $known ?? User::query()->create(['name' => (string) $request->string('name')->squish(), 'email' => mb_strtolower((string) $request->string('email')), 'password' => (string) $request->string('password')]);
            Membership::query()->firstOrCreate(['user_id' => $user->id, 'studio_id' => $link->studio_id], ['role' => $link->role]);

            return $user;
        });
        $doors->in($request, $user, $joins ? $link->studio_id : null);

        return $sessions->show();
    }
}
