<?php

declare(strict_types=1);

namespace Transmuta\Property\Taste;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Tastes;

/**
 * What a layer is about (`reference/characters.csv`): a character reads from a least share of the layer on, and is carried on by the same thing or,
 * under a changed name, by a neighbour.
 */
final readonly class Characters
{
    /** @var \WeakMap<Ingredient, array<string, float>> what 1 g of an ingredient counts for, by character */
    private \WeakMap $members;

    /** @var \WeakMap<Ingredient, array<string, float>> the same with neighbours */
    private \WeakMap $all;

    public function __construct(private Reference $reference)
    {
        $this->members = new \WeakMap();
        $this->all = new \WeakMap();
    }

    /**
     * @param bool $withNeighbours whether neighbours carry it too
     *
     * @return array<string, float> how strongly each reads, in times of the least that does; only those that read, unless neighbours count
     */
    public function of(LayerState $state, bool $withNeighbours = false): array
    {
        $shares = [];
        foreach ($state->model->portions as $i => $portion) {
            if ($state->share[$i] > 0.0) {
                foreach ($this->counts($portion->ingredient, $withNeighbours) as $character => $counts) {
                    $shares[$character] = ($shares[$character] ?? 0.0) + $counts * $state->share[$i];
                }
            }
        }
        $strength = [];
        foreach ($shares as $character => $share) {
            $strength[$character] = $share / ($this->reference->characters[$character]['strength'] ?? Figure::CharacterFruit->number());
        }

        if ($withNeighbours || $strength === []) {
            return $strength;
        }
        $most = max($strength);

        return array_filter($strength, static fn(float $s): bool => $s >= 1.0 && $s >= Figure::CharacterAbout->number() * $most);
    }

    /** Whether an ingredient is of a character itself, not as a neighbour. */
    public function isOf(Ingredient $in, string $character): bool
    {
        return isset($this->counts($in, false)[$character]);
    }

    /** Whether a dessert could be about it: it carries some character, as itself or beside another. */
    public function isTasted(Ingredient $in): bool
    {
        return $this->counts($in, true) !== [];
    }

    /** Whether an ingredient carries a character, itself or as a neighbour. */
    public function carries(Ingredient $in, string $character): bool
    {
        return isset($this->counts($in, true)[$character]);
    }

    /**
     * How much of what an ingredient is about a mix carries on: two for each character it has itself, one for each that only a neighbour gives.
     *
     * @param list<Ingredient> $mix
     */
    public function shared(Ingredient $in, array $mix): int
    {
        $shared = 0;
        foreach (array_keys($this->counts($in, false)) as $character) {
            $shared += max([0, ...array_map(fn(Ingredient $of): int => isset($this->counts($of, false)[$character]) ? 2 : ($this->carries($of, $character) ? 1 : 0), $mix)]);
        }

        return $shared;
    }

    /** @return array<string, float> */
    private function counts(Ingredient $in, bool $withNeighbours): array
    {
        $known = $withNeighbours ? $this->all : $this->members;

        return $known[$in] ??= $this->find($in, $withNeighbours);
    }

    /** @return array<string, float> */
    private function find(Ingredient $in, bool $withNeighbours): array
    {
        $counts = [];
        $tastes = Tastes::of($in);
        $is = static fn(string $key): bool => match (true) {
            str_starts_with($key, 'class:') => $in->class === substr($key, 6),
            str_starts_with($key, 'taste:') => \in_array(substr($key, 6), $tastes, true),
            default => $in->id === $key,
        };
        // Milks, oils and drinks of a nut, and flour or meal in a crumb, do not taste of it.
        $isBland = \in_array($in->class, ['plant-milk', 'oil', 'nut-meal', 'plant-protein', 'nut-cream', 'fibre-flour'], true);
        $isDry = \in_array($in->class, ['freeze-dried-fruit', 'coffee'], true) && $in->composition->of100('water') < 10.0;
        foreach ($this->reference->characters as $character => $row) {
            $member = !$isBland && array_filter($row['members'], $is) !== [];
            if ($member || ($withNeighbours && array_filter($row['neighbours'], $is) !== [])) {
                $counts[$character] = ($member ? 1.0 : Figure::CharacterNeighbour->number()) * ($isDry ? Figure::CharacterDry->number() : 1.0);
            }
        }

        // A fruit that no row names is of itself: a dish of papaya is about papaya.
        if ($counts === [] && $in->group === 'fruit' && $in->class !== 'acid' && $in->class !== 'avocado') {
            $counts[$tastes[0] ?? mb_strtolower($in->name)] = $isDry ? Figure::CharacterDry->number() : 1.0;
        }

        return $counts;
    }
}
