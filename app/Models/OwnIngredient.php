<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An ingredient a studio added, or a reference row it sees differently (then under that row's own slug).
 *
 * @property int $id
 * @property int $studio_id
 * @property string $slug
 * @property string $name
 * @property string $hash
 * @property array<string, mixed> $packet as it was typed
 * @property array<string, mixed> $content as the core's shelf reads it
 * @property int $revision grows by one with every save
 */
final class OwnIngredient extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['packet' => 'array', 'content' => 'array', 'revision' => 'integer'];
    }
}
