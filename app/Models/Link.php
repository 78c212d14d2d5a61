<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\Role;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link for one use: to join a studio as something, or for one person to choose another password. Its secret is told once and never kept.
 *
 * @property int $id
 * @property int $studio_id
 * @property ?int $user_id whose password it resets; null where it invites
 * @property ?Role $role as what it invites
 * @property string $fingerprint
 * @property \Illuminate\Support\Carbon $expires_at
 * @property ?\Illuminate\Support\Carbon $used_at
 * @property Studio $studio
 * @property ?User $user
 */
final class Link extends Model
{
    private const INVITES_DAYS = 7;

    private const RESETS_HOURS = 24;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['role' => Role::class, 'expires_at' => 'datetime', 'used_at' => 'datetime'];
    }

    /** @return array{Link, string} the link and its secret, which is not told again */
    public static function inviting(Studio $studio, Role $role): array
    {
        return self::made(['studio_id' => $studio->id, 'role' => $role, 'expires_at' => now()->addDays(self::INVITES_DAYS)]);
    }

    /** @return array{Link, string} */
    public static function resetting(Studio $studio, User $user): array
    {
        return self::made(['studio_id' => $studio->id, 'user_id' => $user->id, 'expires_at' => now()->addHours(self::RESETS_HOURS)]);
    }

    /** @return Builder<Link> the link of a secret, while it is good */
    public static function good(string $secret): Builder
    {
        $query = self::open();
        $query->where('fingerprint', hash('sha256', $secret))->whereHas('studio', Studio::open(...));

        return $query;
    }

    /** @return Builder<Link> those that are still good */
    public static function open(): Builder
    {
        $query = self::query();
        $query->whereNull('used_at')->where('expires_at', '>', now());

        return $query;
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

    /**
     * @param array<string, mixed> $of
     *
     * @return array{Link, string}
     */
    private static function made(array $of): array
    {
        $secret = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');

        return [self::query()->create([...$of, 'fingerprint' => hash('sha256', $secret)]), $secret];
    }
}
