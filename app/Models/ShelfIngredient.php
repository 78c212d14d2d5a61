<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $studio_id
 * @property string $slug
 * @property string $name
 * @property array<string, mixed> $content
 */
final class ShelfIngredient extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}
