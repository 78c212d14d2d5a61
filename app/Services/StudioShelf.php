<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\ShelfIngredient;
use App\Models\Studio;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\Shelf;

/** Fills the core's shelf from a studio's rows. */
final class StudioShelf
{
    public static function of(Studio $studio): Shelf
    {
        $rows = ShelfIngredient::query()->where('studio_id', $studio->id)->orderBy('id')->toBase()->pluck('content');

        return IngredientList::of($rows->map(static function (mixed $content): \Transmuta\Shelf\Ingredient {
            /** @var array<string, mixed> $row */
            $row = json_decode(\is_string($content) ? $content : '', true, 32, JSON_THROW_ON_ERROR);

            return IngredientRow::ingredient($row);
        }));
    }
}
