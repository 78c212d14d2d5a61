<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot;
use Transmuta\Formula\Formula;

/** Which lots a formula can have been made of, and how one is told. */
final readonly class Lots
{
    public function __construct(private StudioShelf $shelf) {}

    /** @return list<string> ids of what goes into it, to the end: its own lines and those of what the kitchen makes for it */
    public function within(Formula $formula): array
    {
        $open = array_map(strval(...), array_keys($formula->holds()));
        $all = [];
        while ($open !== []) {
            $slug = array_pop($open);
            if (isset($all[$slug])) {
                continue;
            }
            $all[$slug] = true;
            array_push($open, ...array_column($this->shelf->shelf()->find($slug)->madeOf['raw'] ?? [], 'ingredient'));
        }

        return array_map(strval(...), array_keys($all));
    }

    /** @return array{id: int, revision: int, ingredient: string, name: string, code: string, came_on: ?string, best_before: ?string, is_past: bool, recalled_on: ?string, recall_reason: string} */
    public static function write(Lot $lot): array
    {
        return [
            'id' => $lot->id, 'revision' => $lot->revision, 'ingredient' => $lot->slug, 'name' => $lot->name, 'code' => $lot->code, 'came_on' => $lot->came_on, 'best_before' => $lot->best_before,
            'is_past' => $lot->best_before !== null && $lot->best_before < now()->toDateString(), 'recalled_on' => $lot->recalled_on, 'recall_reason' => $lot->recall_reason,
        ];
    }

    /** @return array<string, mixed> with how many trials and runs were made of it, which must have been counted */
    public static function counted(Lot $lot): array
    {
        return [...self::write($lot), 'trials' => (int) $lot->trials_count, 'runs' => (int) $lot->runs_count];
    }
}
