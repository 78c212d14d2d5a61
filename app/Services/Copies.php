<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use Illuminate\Support\Facades\DB;

/** A dish made again under a name of its own, with its versions as they stand; trials are of what was cooked and stay with it. */
final readonly class Copies
{
    public function __construct(private History $history) {}

    public function of(Dish $dish): Dish
    {
        /** @var Dish $made */
        $made = DB::transaction(function () use ($dish): Dish {
            $title = $this->title($dish);
            $copy = Dish::query()->create(['studio_id' => $dish->studio_id, 'title' => $title, 'family' => $dish->family, 'schools' => $dish->schools]);
            $ids = [];
            foreach ($dish->versions()->get() as $version) {
                $formula = $version->formula->named($title, $version->formula->family);
                $born = $this->history->born([
                    'studio_id' => $dish->studio_id, 'dish_id' => $copy->id, 'parent_id' => $version->parent_id === null ? null : ($ids[$version->parent_id] ?? $ids[(int) array_key_first($ids)]),
                    'name' => $version->name, 'brief' => $version->brief, 'formula' => $formula, 'origin' => $version->origin,
                ], 'copied', ["From $dish->title, $version->name"], $version->shelf);
                $born->update(['notes' => $version->notes, 'method' => $version->method]);
                $ids[$version->id] = $born->id;
            }

            return $copy;
        });

        return $made->refresh();
    }

    private function title(Dish $dish): string
    {
        $query = Dish::query();
        /** @var list<string> $titles */
        $titles = $query->where('studio_id', $dish->studio_id)->pluck('title')->all();
        $stem = mb_substr($dish->title, 0, 145);
        for ($n = 1, $title = "$stem, copy"; \in_array($title, $titles, true); ++$n, $title = "$stem, copy $n");

        return $title;
    }
}
