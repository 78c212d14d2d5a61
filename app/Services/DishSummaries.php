<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Version;
use App\Support\Store;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\Look\Section;

/**
 * What a list shows of a dish, read once from its original and kept with it: a list of thousands reads nothing anew. It is kept with the state
 * it was read from, so that one that was made of an earlier state, or reaches the store late, is never taken for today's.
 */
final class DishSummaries
{
    /** @return array<string, mixed> */
    public static function of(Dish $dish): array
    {
        $original = $dish->versions->first();
        if ($original === null) {
            return ['portions' => null, 'portion_g' => null, 'unresolved' => 0, 'section' => null, 'made_of' => []];
        }
        $kept = $dish->summary ?? [];
        $from = self::from($dish, $original);
        if (($kept['from'] ?? null) !== $from) {
            $kept = ['from' => $from, ...self::made($original->id)];
            Store::ifItCan(static fn(): int => Dish::query()->whereKey($dish->id)->toBase()->update(['summary' => json_encode($kept, JSON_THROW_ON_ERROR)]));
        }
        unset($kept['from']);

        return $kept;
    }

    /** The state it is read from: which of the original's, and the schools it is read with. */
    public static function from(Dish $dish, Version $original): string
    {
        return \sprintf('%d.%d.%s', $original->id, $original->revision, hash('xxh32', json_encode([app(StudioShelf::class)->schools(), $dish->schools], JSON_THROW_ON_ERROR)));
    }

    /** @return array<string, mixed> */
    private static function made(int $id): array
    {
        $query = Version::query()->with('dish');
        $original = $query->findOrFail($id);
        $reading = app(VersionShelf::class)->engine($original)->read($original->formula);

        return [
            'portions' => $original->formula->portions,
            'portion_g' => round($reading->portion['mass_g']),
            'unresolved' => \count($reading->formula->unresolved()) + \count($reading->formula->provisional()),
            'section' => Section::of($reading),
            'made_of' => array_map(
                static fn(Layer $layer): array => array_map(static fn(Line $line): array => ['ingredient' => $line->ingredient, 'grams' => $line->grams], $layer->understood()),
                $original->formula->layers,
            ),
        ];
    }
}
