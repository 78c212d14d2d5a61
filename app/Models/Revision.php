<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\FormulaCast;
use Illuminate\Database\Eloquent\Model;
use Transmuta\Formula\Formula;

/**
 * One state of a version, never written over.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $version_id
 * @property int $number from 1, in the order they were made
 * @property ?int $parent_id the state it was made from
 * @property string $kind how it came about
 * @property list<string> $words what was changed
 * @property string $author
 * @property Formula $formula
 * @property array<string, string> $shelf fingerprint of the state of each ingredient, by slug
 * @property array<string, mixed> $brief
 * @property array<string, array<string, float>> $wanted
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected function casts(): array
    {
        return ['formula' => FormulaCast::class, 'words' => 'array', 'shelf' => 'array', 'brief' => 'array', 'wanted' => 'array', 'number' => 'integer', 'created_at' => 'datetime'];
    }

    protected static function booted(): void
    {
        self::updating(static fn(): never => throw new \LogicException('A revision is never written over.'));
    }
}
