<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * The practitioner's first move for what must leave, by class, diet and place. A part of a substitution that may not come in itself is replaced by its own, so that
 * diets may be asked together.
 */
final class Substitutes
{
    /** How deep a twin's parts are replaced in turn. */
    private const DEEPEST = 2;

    /** Share of a twin that may be patched without its losing its place in the table, and the most of it where another can be had whole. */
    private const A_LITTLE = 0.2;
    private const MOST_PATCHED = 0.4;

    /** Where else to look when a place has no row of its own. */
    private const FALLBACK = ['base' => ['any', 'crumb', 'baked', 'filling'], 'filling' => ['any', 'baked', 'topping', 'base'], 'foam' => ['any', 'filling', 'topping', 'baked', 'base'], 'dough' => ['base', 'any', 'crumb', 'baked', 'filling'], 'crumb' => ['baked', 'any', 'filling', 'base'], 'baked' => ['any', 'filling', 'base'], 'topping' => ['any', 'filling', 'foam', 'base']];

    /** @var array<string, list<Substitution>> what was found before */
    private array $found = [];

    /** @var ?array<string, list<Ingredient>> shelf rows by class */
    private ?array $byClass = null;

    public function __construct(private readonly Shelf $shelf, private readonly Permit $permit, private readonly SubstitutionTable $table) {}

    /**
     * @param list<string> $diets rows to look under, as the table names them, nearest first
     * @param 'base'|'filling'|'foam'|'crumb'|'dough'|'baked'|'topping' $where
     *
     * @return list<Substitution> allowed, first choice first; a `none` among them says why there is nothing nearer
     */
    public function of(Ingredient $in, array $diets, string $where, int $depth = 0): array
    {
        $key = $in->id . "\0" . implode(',', $diets) . "\0$where\0$depth";

        return $this->found[$key] ??= $this->find($in, $diets, $where, $depth);
    }

    /**
     * @param list<string> $diets
     * @param 'base'|'filling'|'foam'|'crumb'|'dough'|'baked'|'topping' $where
     *
     * @return list<Substitution>
     */
    private function find(Ingredient $in, array $diets, string $where, int $depth): array
    {
        $found = $seen = [];
        $none = null;
        foreach ([$where, ...self::FALLBACK[$where]] as $place) {
            foreach ($diets as $diet) {
                $another = false;
                foreach ($this->table->for($in->class) as $row) {
                    if (!\in_array($diet, $row->diets, true) || $row->place !== $place || !$row->isFor($in)) {
                        continue;
                    }
                    if ($row->isNone()) {
                        $none ??= $row;
                        $another = true;
                        continue;
                    }
                    $resolved = $this->resolve($row, $in, $diets, $where, $depth);
                    if ($resolved === null || isset($seen[$name = implode('+', array_keys($resolved->mix))])) {
                        continue;
                    }
                    $seen[$name] = true;
                    $found[] = $another || $none !== null ? $resolved->another($none->note ?? $resolved->note) : $resolved;
                }
            }
        }
        // What stands in as the table has it comes before what had to be patched, and where the layer is no base, what need not be baked before what must.
        $later = static fn(Substitution $t): int => (int) round(10 * max(0.0, $t->patched - self::A_LITTLE)) + ($where !== 'base' && $where !== 'dough' && ($t->isBaked || $t->boilOff > 0.0) ? 5 : 0);
        usort($found, static fn(Substitution $a, Substitution $b): int => [$a->isAnother, $later($a)] <=> [$b->isAnother, $later($b)]);
        $whole = array_values(array_filter($found, static fn(Substitution $t): bool => $t->patched <= self::MOST_PATCHED));
        $found = $whole === [] ? $found : $whole;
        if ($found === [] && $depth === 0) {
            $found = $this->siblings($in, $none !== null);
        }

        return $none !== null ? [$none, ...$found] : $found;
    }

    /**
     * Others of the same class, where no row serves.
     *
     * @return list<Substitution>
     */
    private function siblings(Ingredient $in, bool $isAnother): array
    {
        if ($this->byClass === null) {
            $this->byClass = [];
            foreach ($this->shelf->all() as $other) {
                $this->byClass[$other->class][] = $other;
            }
        }
        $near = [];
        foreach ($in->class === '' ? [] : $this->byClass[$in->class] ?? [] as $other) {
            if ($other->id !== $in->id && $other->basedOn === null && $this->permit->allows($other)) {
                $apart = 0.0;
                foreach (['water', 'fat.', 'sugar.', 'protein.'] as $part) {
                    $apart += abs($in->composition->family($part) - $other->composition->family($part));
                }
                $near[$other->id] = $apart;
            }
        }
        asort($near);

        return array_map(static fn(string|int $id): Substitution => Substitution::sibling((string) $id, $isAnother), \array_slice(array_keys($near), 0, 2));
    }

    /**
     * @param list<string> $diets
     * @param 'base'|'filling'|'foam'|'crumb'|'dough'|'baked'|'topping' $where
     */
    private function resolve(Substitution $row, Ingredient $replaced, array $diets, string $where, int $depth): ?Substitution
    {
        $row = $row->helpedBy($this->helping($row, $replaced));
        $mix = [];
        $patched = 0.0;
        $ratio = $row->ratio;
        foreach ($row->mix as $id => $share) {
            $in = $this->shelf->find($id);
            if ($in === null) {
                return null;
            }
            if ($this->permit->allows($in)) {
                $mix[$id] = ($mix[$id] ?? 0.0) + $share;
                continue;
            }
            if ($depth >= self::DEEPEST || $share < 0.002) {
                if ($share < 0.002) {
                    continue;
                }

                return null;
            }
            $sub = null;
            foreach ($this->of($in, $this->permit->dietsBanning($in) ?: $diets, $where, $depth + 1) as $option) {
                if (!$option->isNone() && !$option->isAnother && !isset($option->mix[$replaced->id])) {
                    $sub = $option;
                    break;
                }
            }
            if ($sub === null) {
                return null;
            }
            $patched += $share;
            foreach ($sub->mix as $part => $of) {
                $mix[$part] = ($mix[$part] ?? 0.0) + $share * $sub->ratio * $of;
            }
        }
        $sum = array_sum($mix);
        if ($sum < 0.5) {
            return null;
        }

        return $row->mixing(array_map(static fn(float $s): float => $s / $sum, $mix), $ratio * ($sum > 1.0 + 1e-6 || $sum < 1.0 - 0.02 ? $sum : 1.0), $patched);
    }

    /**
     * The helpers that are for what is replaced, each as the first of its alternatives that may come in.
     *
     * @return list<Helper>
     */
    private function helping(Substitution $row, Ingredient $replaced): array
    {
        $helpers = [];
        foreach ($row->helpers as $helper) {
            if ($helper->condition?->mayHoldFor($replaced) === false) {
                continue;
            }
            foreach ([$helper, ...$helper->alternatives] as $one) {
                $in = $this->shelf->find($one->ingredient);
                if ($one->dose < 0.0 || ($in !== null && $this->permit->allows($in))) {
                    $helpers[] = $helper->as($one);
                    break;
                }
            }
        }

        return $helpers;
    }
}
