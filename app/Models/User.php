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
