<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Version;
use App\Support\Store;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\Look\Section;

/** What a list shows of a dish, read once from its original and kept with it: a list of thousands reads nothing anew. */
final class DishSummaries
{
    /** @return array<string, mixed> */
    public static function of(Dish $dish): array
    {
        $query = Version::query()->with('dish');
        $query->where('dish_id', $dish->id)->orderBy('id');
        $original = $query->first();
        if ($original === null) {
            return ['portions' => null, 'portion_g' => null, 'unresolved' => 0, 'section' => null, 'made_of' => []];
        }
        $reading = app(VersionShelf::class)->engine($original)->read($original->formula);
        $summary = [
            'portions' => $original->formula->portions,
            'portion_g' => round($reading->portion['mass_g']),
            'unresolved' => \count($reading->formula->unresolved()) + \count($reading->formula->provisional()),
            'section' => Section::of($reading),
            'made_of' => array_map(
                static fn(Layer $layer): array => array_map(static fn(Line $line): array => ['ingredient' => $line->ingredient, 'grams' => $line->grams], $layer->understood()),
                $original->formula->layers,
            ),
        ];
        Store::ifItCan(static fn(): int => Dish::query()->whereKey($dish->id)->update(['summary' => json_encode($summary, JSON_THROW_ON_ERROR)]));

        return $summary;
    }
}
