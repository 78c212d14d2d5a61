<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What happened in a run: written once, by an id its device gave it, and never changed.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $run_id
 * @property string $client_id
 * @property string $kind {@see RunEventKind}
 * @property string $step
 * @property ?int $lot_id which packet it was weighed from
 * @property array<string, mixed> $body
 * @property string $at by the clock on the kitchen's wall
 * @property string $who
 */
final class RunEvent extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['body' => 'array'];
    }
}
