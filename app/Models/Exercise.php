<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing a person was asked to foretell, what they said, and how near it was.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $user_id
 * @property string $skill
 * @property array<string, mixed> $question
 * @property array<string, mixed> $key the computed answer and its why; shown once it was answered
 * @property ?array<string, mixed> $answer
 * @property ?float $score 0…1
 * @property ?Carbon $answered_at
 */
final class Exercise extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['question' => 'array', 'key' => 'array', 'answer' => 'array', 'score' => 'float', 'answered_at' => 'datetime'];
    }
}
