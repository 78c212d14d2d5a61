<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Dish;
use App\Models\Version;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Transmuta\Engine;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\Ladder;
use Transmuta\Property\Section;

/** @mixin Dish */
final class DishResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $dish = $this->resource;
        \assert($dish instanceof Dish);
        $engine = app(Engine::class);
        $original = $dish->versions->first();
        $reading = $original === null ? null : $engine->read($original->formula);

        return [
            'id' => $dish->id,
            'title' => $dish->title,
            'family' => $dish->family,
            'portions' => $original?->formula->portions,
            'portion_g' => $reading === null ? null : round($reading->portion['mass_g']),
            'unresolved' => $reading === null ? 0 : \count($reading->formula->unresolved()),
            'section' => $reading === null ? null : Section::of($reading),
            'made_of' => $original === null ? [] : array_map(
                static fn(Layer $layer): array => array_map(static fn(Line $line): array => ['ingredient' => $line->ingredient, 'grams' => $line->grams], $layer->understood()),
                $original->formula->layers,
            ),
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
