<?php

declare(strict_types=1);

namespace App\Models;

use Laravel\Sanctum\PersonalAccessToken;

/**
 * A token for scripts: of one person, for one studio, for so much and no more.
 *
 * @property int $id
 * @property int $studio_id
 * @property string $name
 * @property list<string> $abilities
 * @property ?\Illuminate\Support\Carbon $last_used_at
 * @property ?\Illuminate\Support\Carbon $expires_at
 */
final class AccessToken extends PersonalAccessToken
{
    protected $table = 'personal_access_tokens';

    protected $fillable = ['tokenable_type', 'tokenable_id', 'studio_id', 'name', 'token', 'abilities', 'expires_at'];
}
