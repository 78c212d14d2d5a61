<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\OwnIngredient;
use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Preparation\Preparation;
use Transmuta\Preparation\PreparationMaker;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\LayeredShelf;
use Transmuta\Shelf\Shelf;

/**
 * What a studio makes for itself and keeps on its shelf. A change of one is worked through every other that holds it, in the same
 * transaction; versions of dishes keep the values they were computed with until they are asked to change.
 */
final readonly class Preparations
{
    /** Deepest a change is worked through: far more than any kitchen nests. */
    private const DEEPEST = 24;

    public function __construct(private StudioShelf $shelf) {}

    /**
     * What it would be, without keeping it.
     *
     * @param array<string, mixed> $made as {@see \App\Http\Requests\PreparationRequest} has it
     *
     * @return array<string, mixed> the row
     */
    public function make(array $made, string $slug): array
    {
        $engine = Engine::over($this->shelf->shelf());

        return $this->row($this->preparation($made, $slug, $engine), $engine, $this->shelf->shelf());
    }

    /** @param array<string, mixed> $made */
    public function keep(Studio $studio, array $made, ?string $slug = null, ?int $seen = null): OwnIngredient
    {
        /** @var OwnIngredient $kept */
        $kept = DB::transaction(function () use ($studio, $made, $slug, $seen): OwnIngredient {
            $slug ??= OwnIngredient::newSlug($studio, \is_string($made['name'] ?? null) ? $made['name'] : '', 'preparation');
            $row = $this->make($made, $slug);
            $own = OwnIngredient::put($studio, $slug, $row, ['preparation' => $made], $seen);
            $this->workThrough($studio);
            $studio->turnShelf();

            return $own;
        });

        return $kept;
    }

    /** Computes every preparation of a studio anew, until nothing changes: one may hold others that changed. */
    public function workThrough(Studio $studio): void
    {
        $query = OwnIngredient::query();
        $query->where('studio_id', $studio->id)->orderBy('id')->lockForUpdate();
        $all = $query->get();
        if ($all->every(static fn(OwnIngredient $own): bool => self::made($own) === null)) {
            return;
        }
        for ($round = 0, $isChanged = true; $isChanged && $round < self::DEEPEST; ++$round) {
            $isChanged = false;
            $shelf = LayeredShelf::over($this->shelf->shelf(), array_map(static fn(OwnIngredient $own) => IngredientRow::ingredient($own->content), $all->all()));
            $engine = Engine::over($shelf);
            foreach ($all as $own) {
                $made = self::made($own);
                if ($made === null) {
                    continue;
                }
                $row = $this->row($this->preparation($made, $own->slug, $engine), $engine, $shelf);
                $hash = OwnIngredient::fingerprint($row);
                if ($hash !== $own->hash) {
                    $own->fill(['hash' => $hash, 'content' => $row, 'revision' => $own->revision + 1])->save();
                    $isChanged = true;
                }
            }
        }
    }

    /** @return list<string> names of preparations that hold an ingredient */
    public function holding(Studio $studio, string $slug): array
    {
        $query = OwnIngredient::query();
        $query->where('studio_id', $studio->id);

        return array_values($query->get()->filter(static fn(OwnIngredient $own): bool => \in_array($slug, array_column(IngredientRow::ingredient($own->content)->madeOf['lines'] ?? [], 'ingredient'), true))->map(static fn(OwnIngredient $own): string => $own->name)->all());
    }

    /** @return ?array<string, mixed> as it was typed; null for what came in a packet */
    public static function made(OwnIngredient $own): ?array
    {
        $made = $own->packet['preparation'] ?? null;

        return \is_array($made) ? array_filter($made, is_string(...), \ARRAY_FILTER_USE_KEY) : null;
    }

    /** @param array<string, mixed> $made */
    private function preparation(array $made, string $slug, Engine $engine): Preparation
    {
        $formula = \is_array($made['formula'] ?? null) ? $engine->json->read($made['formula']) : throw Nonsense::of('lines', '', 'write at least one line, such as "120 g lemon juice"');
        $beside = \is_string($made['beside'] ?? null) && $made['beside'] !== '' ? $made['beside'] : null;
        if ($beside !== null) {
            $engine->lines->known($beside);
        }

        return Preparation::of(
            $slug,
            \is_string($made['name'] ?? null) ? $made['name'] : '',
            $formula,
            is_numeric($made['yield_g'] ?? null) ? (float) $made['yield_g'] : null,
            ($made['boiled_off'] ?? true) !== false,
            is_numeric($made['keeps_days'] ?? null) ? (int) $made['keeps_days'] : null,
            $beside,
            \is_array($made['also_called'] ?? null) ? array_values(array_filter($made['also_called'], is_string(...))) : [],
        );
    }

    /** @return array<string, mixed> */
    private function row(Preparation $preparation, Engine $engine, Shelf $shelf): array
    {
        return (new PreparationMaker($engine->reader, $engine->method))->row($preparation, $shelf);
    }
}
