<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What is next with a dish: what is to be done, by when, and who or what it waits for.
 *
 * @property int $id
 * @property int $revision counts its changes ({@see Revised})
 * @property int $studio_id
 * @property int $dish_id
 * @property string $words
 * @property ?string $due_on year-month-day
 * @property string $waits_for a person, a delivery, an answer; '' where nobody is waited for
 * @property ?string $done_on year-month-day
 * @property Dish $dish
 */
final class Errand extends Model
{
    use Revised;

    /** What counts as a change of it. */
    private const REVISED = ['words', 'due_on', 'waits_for', 'done_on'];

    private const COUNTED = 'revision';

    protected $guarded = [];

    protected $attributes = ['waits_for' => ''];

    /**
     * Only those still to be done, the soonest first, those without a day last.
     *
     * @param Builder<self> $errands
     */
    public static function open(Builder $errands): void
    {
        $errands->whereNull('done_on')->orderByRaw('due_on is null')->orderBy('due_on')->orderBy('id');
    }

    /** @return BelongsTo<Dish, $this> */
    public function dish(): BelongsTo
    {
        return $this->belongsTo(Dish::class);
    }
}
