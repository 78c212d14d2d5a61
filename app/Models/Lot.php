<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;

/**
 * One delivery of an ingredient, by the code on its packets.
 *
 * @property int $id
 * @property int $revision counts its changes ({@see Revised})
 * @property int $studio_id
 * @property string $slug of the ingredient
 * @property string $name what the ingredient was called when it came
 * @property string $code
 * @property ?string $came_on year-month-day
 * @property ?string $best_before year-month-day
 * @property ?string $recalled_on year-month-day its maker or the kitchen called it back
 * @property string $recall_reason
 * @property-read ?int $trials_count
 * @property-read ?int $runs_count
 * @property ?\Illuminate\Support\Carbon $deleted_at when it went to the drawer
 */
final class Lot extends Model
{
    use Revised;
    use SoftDeletes;

    /** What counts as a change of it. */
    private const REVISED = ['recalled_on', 'recall_reason'];

    private const COUNTED = 'revision';

    protected $guarded = [];

    protected $attributes = ['recall_reason' => ''];

    /** @return Builder<self> with how many trials and runs were made of each, as `trials_count` and `runs_count` */
    public static function withMade(): Builder
    {
        $query = self::query();
        $query->withCount(['trials', 'weighings as runs_count' => static function (Builder $of): void {
            $of->select(DB::raw('count(distinct run_id)'));
        }]);

        return $query;
    }

    /** @return HasMany<RunEvent, $this> */
    public function weighings(): HasMany
    {
        return $this->hasMany(RunEvent::class);
    }

    /** @return BelongsToMany<Trial, $this> */
    public function trials(): BelongsToMany
    {
        return $this->belongsToMany(Trial::class);
    }
}
