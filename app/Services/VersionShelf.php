<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Version;
use Illuminate\Contracts\Container\Container;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Transmuta\Engine;
use Transmuta\Formula\Formula;
use Transmuta\Property\DishReading;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\LayeredShelf;

/** Keeps a version on the values it was computed with: which state of each ingredient it saw, and an engine over those states. */
final class VersionShelf
{
    /** @var array<string, DishReading> what versions aim at, read once for all of a dish: by id and by how it stood then */
    private array $aimed = [];

    /** @param Container $app gives today's engine when it is first asked for: a kept reading needs none */
    public function __construct(private readonly StudioShelf $shelf, private readonly Container $app) {}

    /** A version read beside what it aims at: what is reduced is reduced against that. */
    public function against(Version $version): DishReading
    {
        return $this->engine($version)->reader->read($version->formula, original: $this->original($version));
    }

    /** What a version aims at, read as it stood then; null for an original. */
    public function original(Version $version): ?DishReading
    {
        $aim = $version->aim();

        return $aim->id === $version->id ? null : $this->aimed($aim);
    }

    private function aimed(Version $aim): DishReading
    {
        $state = hash('xxh128', json_encode([$aim->id, $aim->getRawOriginal('formula'), $aim->getRawOriginal('shelf')], JSON_THROW_ON_ERROR));

        return $this->aimed[$state] ??= $this->engine($aim)->read($aim->formula);
    }

    /**
     * The engine a version is read with: today's, unless an ingredient has changed since.
     *
     * @param bool $isShipped whether the set is read as the shipped model says it, without what this kitchen's trials said before
     */
    public function engine(Version $version, bool $isShipped = false): Engine
    {
        $old = $this->changed($version);
        if ($old === [] && $this->dish($version)->schools === [] && (!$isShipped || !$this->shelf->isLearned())) {
            return $this->today();
        }
        $reference = $this->today()->reader->reference;

        return Engine::over(
            LayeredShelf::over($this->shelf->shelf(), $old === [] ? [] : $this->states($old)),
            $this->shelf->evidence(),
            $reference,
            Schools::of(...$this->schools($version)),
            $isShipped ? null : $this->shelf->strengths($reference),
        );
    }

    private function today(): Engine
    {
        return $this->app->make(Engine::class);
    }

    /** @return list<array<string, mixed>> the studio's choices, then the dish's own, which win */
    public function schools(Version $version): array
    {
        return [$this->shelf->schools(), $this->dish($version)->schools];
    }

    /** @throws ModelNotFoundException where the dish was taken away meanwhile: its versions are not there without it */
    private function dish(Version $version): Dish
    {
        $dish = $version->getRelationValue('dish');

        return $dish instanceof Dish ? $dish : throw (new ModelNotFoundException())->setModel(Dish::class);
    }

    /**
     * Ingredients of the version whose row has changed since it was computed: the fingerprint it keeps, by slug.
     *
     * @return array<string, string>
     */
    public function changed(Version $version): array
    {
        return array_filter($version->shelf, fn(string $hash, string $slug): bool => $this->shelf->hash($slug) !== $hash, ARRAY_FILTER_USE_BOTH);
    }

    /** @return list<array{id: string, name: string}> what has changed on the shelf since it was computed */
    public function named(Version $version): array
    {
        return array_map(fn(string $slug): array => ['id' => $slug, 'name' => $this->shelf->shelf()->find($slug)->name ?? $slug], array_keys($this->changed($version)));
    }

    /**
     * The states a formula is to be kept with: what the version saw of an ingredient before, and today's for one that is new to it. They are
     * written to the store so that no later change can lose them.
     *
     * @param array<string, string> $seen
     *
     * @return array<string, string> fingerprint by slug
     */
    public function stamp(Formula $formula, array $seen = []): array
    {
        $stamp = $rows = [];
        foreach (array_map(strval(...), array_keys($formula->holds())) as $slug) {
            $hash = $seen[$slug] ?? $this->shelf->hash($slug);
            if ($hash === null) {
                continue;
            }
            $stamp[$slug] = $hash;
            $row = isset($seen[$slug]) ? null : $this->shelf->row($slug);
            if ($row !== null) {
                $rows[$hash] = ['hash' => $hash, 'slug' => $slug, 'content' => json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)];
            }
        }
        if ($rows !== []) {
            DB::table('ingredient_states')->insertOrIgnore(array_values($rows));
        }

        return $stamp;
    }

    /**
     * @param array<string, string> $hashes
     *
     * @return list<Ingredient>
     */
    private function states(array $hashes): array
    {
        $found = DB::table('ingredient_states')->whereIn('hash', array_values($hashes))->get(['slug', 'content']);

        return array_values($found->map(static function (object $state): Ingredient {
            /** @var array<string, mixed> $row */
            $row = json_decode((string) $state->content, true, 32, JSON_THROW_ON_ERROR);

            return IngredientRow::ingredient($row);
        })->all());
    }
}
