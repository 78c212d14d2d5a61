<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Dish;
use App\Models\Version;
use App\Services\DishSummaries;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Transmuta\Property\Setting\Ladder;

/** @mixin Dish */
final class DishResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $dish = $this->resource;
        \assert($dish instanceof Dish);

        return [
            'id' => $dish->id,
            'title' => $dish->title,
            'family' => $dish->family,
            ...($dish->summary ?? DishSummaries::of($dish)),
            'versions' => $dish->versions->map(static function (Version $version): array {
                $trial = $version->trials->first();

                return [
                    'id' => $version->id,
                    'name' => $version->name,
                    'parent_id' => $version->parent_id,
                    'trials' => $version->trials->count(),
                    'verdict' => $trial === null ? null : self::verdict($trial->set_step, $trial->predicted),
                    'found' => $trial === null ? null : Ladder::WORDS[$trial->set_step],
                ];
            })->all(),
        ];
    }

    /** @param array<string, mixed> $predicted */
    private static function verdict(int $found, array $predicted): string
    {
        $step = $predicted['step_index'] ?? null;

        return match (true) {
            !\is_int($step), $found === $step => 'as predicted',
            $found < $step => 'softer than predicted',
            default => 'firmer than predicted',
        };
    }
}
