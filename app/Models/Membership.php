<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\Role;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $revision counts its changes ({@see Revised})
 * @property int $user_id
 * @property int $studio_id
 * @property Role $role
 * @property Studio $studio
 * @property User $user
 */
final class Membership extends Model
{
    use Revised;

    /** What counts as a change of it. */
    private const REVISED = ['role'];

    private const COUNTED = 'revision';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['role' => Role::class];
    }

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
