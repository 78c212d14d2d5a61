<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\Shelf;

/** Fills the core's shelf from a studio's rows. */
final class StudioShelf
{
    public static function of(Studio $studio): Shelf
    {
        $rows = DB::table('shelf_ingredients')->where('studio_id', $studio->id)->orderBy('id')->pluck('content');

        return IngredientList::of($rows->map(static function (mixed $content): \Transmuta\Shelf\Ingredient {
            /** @var array<string, mixed> $row */
            $row = json_decode(\is_string($content) ? $content : '', true, 32, JSON_THROW_ON_ERROR);

            return IngredientRow::ingredient($row);
        }));
    }
}
