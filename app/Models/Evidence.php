<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $studio_id
 * @property string $slug of the ingredient
 * @property string $diet
 * @property bool $meets
 * @property string $note
 * @property string $seen_on year-month-day
 * @property ?string $expires_on year-month-day
 * @property string $who
 */
final class Evidence extends Model
{
    protected $table = 'evidences';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['meets' => 'boolean'];
    }
}
