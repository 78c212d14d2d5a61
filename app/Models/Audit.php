<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Who did what, when, from which revision to which; never written over.
 *
 * @property int $id
 * @property int $studio_id
 * @property ?int $user_id
 * @property string $who
 * @property string $what the operation, as the contract names it
 * @property string $subject
 * @property ?int $from_revision
 * @property ?int $to_revision
 * @property string $request
 * @property \Illuminate\Support\Carbon $at
 */
final class Audit extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /**
     * A row of what is done now, as the table holds it.
     *
     * @param array{studio_id: int, user_id: ?int, who: string, what: string, subject: string, from_revision?: ?int, to_revision?: ?int} $of
     *
     * @return array<string, int|string|null>
     */
    public static function row(string $request, array $of): array
    {
        return [...$of, 'what' => mb_substr($of['what'], 0, 60), 'subject' => mb_substr($of['subject'], 0, 80), 'request' => $request, 'at' => now()->format('Y-m-d H:i:s.v')];
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
