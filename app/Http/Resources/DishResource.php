<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Dish;
use App\Models\Errand;
use App\Models\Version;
use App\Services\DishSummaries;
use App\Services\Waiting;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Transmuta\Property\Setting\Ladder;

/** @mixin Dish */
final class DishResource extends JsonResource
{
    /** @var array<int, string> how its versions answer what was asked for, by id */
    private array $answers = [];

    /** @param array<int, string> $answers */
    public function answering(array $answers): self
    {
        $this->answers = $answers;

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $dish = $this->resource;
        \assert($dish instanceof Dish);

        return [
            'id' => $dish->id,
            'revision' => $dish->revision,
            'title' => $dish->title,
            'family' => $dish->family,
            ...DishSummaries::of($dish),
            'is_away' => $dish->away_at !== null,
            'errands' => array_map(static fn(Errand $errand): array => Waiting::errand($errand->setRelation('dish', $dish)), array_values($dish->errands->all())),
            'versions' => $dish->versions->map(function (Version $version): array {
                $trial = $version->trials->first();

                return [
                    'id' => $version->id,
                    'name' => $version->name,
                    'parent_id' => $version->parent_id,
                    'trials' => $version->trials->count(),
                    'verdict' => $trial?->set_step === null ? null : self::verdict($trial->set_step, $trial->predicted),
                    'open_lines' => $version->open_lines,
                    'answers' => $this->answers[$version->id] ?? null,
                    'found' => $trial?->set_step === null ? null : Ladder::WORDS[$trial->set_step],
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
