<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One taster's place: what is served there in which order under which codes, and what was answered. A number, never a name.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $tasting_id
 * @property int $number from 1
 * @property list<array{code: int, letter: string}> $served in the order it is tasted; a marked reference has the code 0
 * @property ?string $secret hash of what whoever sits there holds; null while the seat is free
 * @property ?string $holder hash of the window that sat down there
 * @property ?string $place hash of where it sat down from
 * @property ?Carbon $acknowledged_at
 * @property ?array<string, mixed> $answer
 * @property ?Carbon $answered_at
 */
final class TastingSeat extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['served' => 'array', 'answer' => 'array', 'acknowledged_at' => 'datetime', 'answered_at' => 'datetime'];
    }
}
