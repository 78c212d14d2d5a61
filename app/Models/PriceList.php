<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Transmuta\Process\Shopping\Article;

/**
 * What a supplier sells as of a day.
 *
 * @property int $id
 * @property int $studio_id
 * @property string $supplier
 * @property string $dated_on year-month-day
 * @property list<array{supplier: string, ingredient: string, name: string, grams: float, minor: int}> $articles
 * @property ?\Illuminate\Support\Carbon $deleted_at when it went to the drawer
 */
final class PriceList extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['articles' => 'array'];
    }

    /** @return list<self> the latest of each supplier of a studio */
    public static function latest(int $studio): array
    {
        $query = self::query();
        $query->where('studio_id', $studio)->orderBy('dated_on');

        return array_values($query->get()->keyBy('supplier')->all());
    }

    /** @return list<Article> */
    public function sold(): array
    {
        return array_map(fn(array $row): Article => Article::read($this->supplier, $row), $this->articles);
    }

    /** @return array{id: int, supplier: string, dated_on: string, articles: int} */
    public function head(): array
    {
        return ['id' => $this->id, 'supplier' => $this->supplier, 'dated_on' => $this->dated_on, 'articles' => \count($this->articles)];
    }
}
