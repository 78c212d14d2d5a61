<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\AccessToken;
use App\Models\Membership;
use App\Models\Studio;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Who asks, at which of their studios they stand, and as what; nobody and nowhere where nobody is signed in. One a request. */
final class Here
{
    public const STUDIO = 'studio';

    private ?Membership $membership = null;

    private bool $isLooked = false;

    public function __construct(private readonly Request $request) {}

    public function user(): ?User
    {
        $user = Auth::user();

        return $user instanceof User && $user->isLetIn() ? $user : null;
    }

    /** Whether whoever asks is known by a token, not by having signed in. */
    public function byToken(): bool
    {
        return $this->token() !== null;
    }

    public function studio(): ?Studio
    {
        return $this->membership()?->studio;
    }

    public function role(): ?Role
    {
        return $this->membership()?->role;
    }

    /** Whether whoever asks may do it here: by their role, and by what a token was given. */
    public function may(Ability $ability): bool
    {
        $token = $this->token();

        return ($this->role()?->may($ability) ?? false) && ($token === null || $token->can($ability->value));
    }

    /** Whether a record of this studio is one of here. */
    public function holds(int $studio): bool
    {
        return $this->studio()?->id === $studio;
    }

    /** How whoever asks signs what they write. */
    public function signature(): string
    {
        return $this->user()->name ?? 'the console';
    }

    /** Somebody else stands here, or at another studio: looked for anew. */
    public function forget(): void
    {
        $this->isLooked = false;
        $this->membership = null;
    }

    private function token(): ?AccessToken
    {
        $token = $this->user()?->currentAccessToken();

        return $token instanceof AccessToken ? $token : null;
    }

    private function membership(): ?Membership
    {
        if ($this->isLooked) {
            return $this->membership;
        }
        $this->isLooked = true;
        $user = $this->user();
        if ($user === null) {
            return null;
        }
        $at = $this->token()->studio_id ?? ($this->request->hasSession() ? $this->request->session()->get(self::STUDIO) : null);
        $of = Membership::query();
        $of->with('studio')->where('user_id', $user->id)->whereHas('studio', Studio::open(...))->orderBy('id');
        $all = $of->get();
        // A token is of one studio. Who was put out of the one they stood at stands at another of theirs, if there is one.
        $found = \is_int($at) ? $all->firstWhere('studio_id', $at) : null;
        $found ??= $this->token() === null ? $all->first() : null;

        return $this->membership = $found;
    }
}
