<?php

declare(strict_types=1);

namespace App\Services;

use App\Access\Here;
use App\Access\Role;
use App\Models\AccessToken;
use App\Models\Membership;
use App\Models\Studio;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who comes in and goes: signing in and out, the first owner, other sessions ended. */
final readonly class Doors
{
    public function __construct(private Here $here) {}

    /** Whether nobody but the demo's people is known yet: the first to come makes the studio their own. */
    public static function isNew(): bool
    {
        $query = User::query();

        return !$query->where('is_demo', false)->exists();
    }

    /** Signs somebody in with a session of its own, at a studio where one is named. */
    public function in(Request $request, User $user, ?int $studio = null): void
    {
        self::guard()->login($user);
        if ($request->hasSession()) {
            $request->session()->regenerate();
            if ($studio !== null) {
                $request->session()->put(Here::STUDIO, $studio);
            }
        }
        $this->here->forget();
    }

    public function out(Request $request): void
    {
        self::guard()->logout();
        if ($request->hasSession()) {
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }
        $this->here->forget();
    }

    /** Ends every session of somebody but the one that asks. */
    public static function endOthers(User $user, ?string $but = null): int
    {
        $query = DB::table('sessions')->where('user_id', $user->id);

        return $but === null ? $query->delete() : $query->where('id', '!=', $but)->delete();
    }

    /** Takes every token of somebody back: whoever had to choose another password trusts none of them. */
    public static function endTokens(User $user): int
    {
        $query = AccessToken::query();
        $ended = $query->where('tokenable_id', $user->id)->delete();

        return is_numeric($ended) ? (int) $ended : 0;
    }

    /** A studio with its first owner. Called in a transaction. */
    public static function found(string $studio, string $name, string $email, string $password): User
    {
        $made = Studio::query()->create(['slug' => self::freeSlug($studio), 'name' => $studio, 'schools' => []]);
        $user = User::query()->create(['name' => $name, 'email' => mb_strtolower($email), 'password' => $password]);
        Membership::query()->create(['user_id' => $user->id, 'studio_id' => $made->id, 'role' => Role::Owner]);

        return $user;
    }

    /** A short name for a studio that no other has. */
    public static function freeSlug(string $studio): string
    {
        $slug = Str::limit(Str::slug($studio) ?: 'studio', 50, '');
        $query = Studio::query();
        for ($n = 1, $free = $slug; (clone $query)->where('slug', $free)->exists(); ++$n, $free = "$slug-$n");

        return $free;
    }

    private static function guard(): StatefulGuard
    {
        $guard = Auth::guard('web');
        \assert($guard instanceof StatefulGuard);

        return $guard;
    }
}
