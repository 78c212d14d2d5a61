<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\OwnIngredient;
use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\IngredientRow;

/** Which versions of which dishes hold a thing, by itself or in what the kitchen made of it; asked of a table, not of every formula. */
final readonly class Uses
{
    public const PAGE = 60;

    public function __construct(private StudioShelf $shelf, private FormulaStore $formulas) {}

    /**
     * @param list<string> $slugs any of them
     *
     * @return array{uses: list<array{version_id: int, version: string, dish: string, grams: float, in: list<string>}>, next: ?int} `next` is where to go on after, null at the end
     */
    public function of(Studio $studio, array $slugs, int $after = 0): array
    {
        $slugs = $this->with($studio, $slugs);
        $rows = DB::table('version_ingredients')->join('versions', 'versions.id', '=', 'version_ingredients.version_id')->join('dishes', 'dishes.id', '=', 'versions.dish_id')
            ->where('version_ingredients.studio_id', $studio->id)->whereIn('slug', $slugs)->where('versions.id', '>', $after)->whereNull('versions.deleted_at')->whereNull('dishes.deleted_at')
            ->groupBy('versions.id', 'versions.name', 'dishes.title')->orderBy('versions.id')->limit(self::PAGE + 1)
            ->get(['versions.id', 'versions.name', 'dishes.title', DB::raw('group_concat(slug order by slug) as slugs')])->all();
        [$rows, $next] = Page::of(array_values($rows), self::PAGE, static fn(object $row): int => (int) $row->id);

        /** @var array<int, string> $formulas */
        $formulas = DB::table('versions')->whereIn('id', array_map(static fn(object $row): int => (int) $row->id, $rows))->pluck('formula', 'id')->all();

        return [
            'uses' => array_map(function (object $row) use ($formulas): array {
                $in = explode(',', (string) $row->slugs);

                return [
                    'version_id' => (int) $row->id, 'version' => (string) $row->name, 'dish' => (string) $row->title,
                    'grams' => round(array_sum(array_intersect_key($this->formulas->read($formulas[(int) $row->id])->holds(), array_flip($in))), 2),
                    'in' => array_map(fn(string $slug): string => $this->shelf->shelf()->find($slug)->name ?? $slug, $in),
                ];
            }, $rows),
            'next' => $next,
        ];
    }

    /** @return list<string> ids of everything on the shelf with an allergen in it */
    public function withAllergen(string $allergen): array
    {
        return array_values(array_map(static fn(Ingredient $in): string => $in->id, array_filter($this->shelf->shelf()->all(), static fn(Ingredient $in): bool => \in_array($allergen, $in->allergens, true))));
    }

    /**
     * @param list<string> $slugs
     *
     * @return list<string> with what the kitchen makes of them, at any depth
     */
    public function with(Studio $studio, array $slugs): array
    {
        $query = OwnIngredient::query();
        $query->where('studio_id', $studio->id);
        foreach ($query->get() as $own) {
            if (array_intersect(array_column(IngredientRow::ingredient($own->content)->madeOf['raw'] ?? [], 'ingredient'), $slugs) !== []) {
                $slugs[] = $own->slug;
            }
        }

        return array_values(array_unique($slugs));
    }
}
