<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int $id
 * @property string $name how they sign what they write
 * @property string $email
 * @property string $password hashed
 * @property bool $is_demo
 * @property \Illuminate\Database\Eloquent\Collection<int, Membership> $memberships
 */
final class User extends Authenticatable
{
    /** @use HasApiTokens<AccessToken> */
    use HasApiTokens;

    protected $guarded = [];

    protected $attributes = ['is_demo' => false];

    protected $hidden = ['password'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'is_demo' => 'boolean'];
    }

    /** Whether they are let in at all: the demo's own person is not where the demo is off, by no session, token or password of old. */
    public function isLetIn(): bool
    {
        return !$this->is_demo || config('transmuta.demo') === true;
    }

    /** Whether a studio may reset their password: nobody else's trust hangs on it. */
    public function isOnlyOf(int $studio): bool
    {
        return !$this->is_demo && !$this->memberships()->where('studio_id', '!=', $studio)->exists();
    }

    /** Nobody is remembered beyond their session. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }
}
