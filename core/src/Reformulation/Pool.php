<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** The unknown masses of a draft as they gather: what several lines bring is one mass, and what is there already grows. */
final class Pool
{
    /** @var array<string, Unknown> lines that come in, by ingredient */
    private array $in = [];

    /** @var list<string|Unknown> kept lines, and the names of those that came in, in the order they were met */
    private array $order = [];

    /** @var array<string, true> kept lines that may shrink */
    private array $loose = [];

    public function keep(Unknown $line): void
    {
        $this->order[] = $line;
    }

    public function bring(Unknown $new): void
    {
        $was = $this->in[$new->ingredient] ?? null;
        if ($was === null) {
            $this->order[] = $new->ingredient;
            $this->in[$new->ingredient] = $new;

            return;
        }
        $this->in[$new->ingredient] = Unknown::substitute($new->ingredient, $was->near + $new->near, $was->least + $new->least, $was->most + $new->most, false, array_values(array_unique([...$was->prep, ...$new->prep])), max($was->useful, $new->useful));
    }

    /** @return list<string> ingredients that come in */
    public function incoming(): array
    {
        return array_map(strval(...), array_keys($this->in));
    }

    /** A line that is there may shrink, for something that came in holds it too. */
    public function loosen(string $ingredient): void
    {
        $this->loose[$ingredient] = true;
    }

    /** @return list<Unknown> */
    public function unknowns(): array
    {
        $unknowns = [];
        $in = $this->in;
        foreach ($this->order as $one) {
            if ($one instanceof Unknown) {
                $id = $one->ingredient;
                $new = $one->pinned || ($one->fixed && $one->near <= 0.0) ? null : $in[$id] ?? null;
                if ($new !== null) {
                    $one = Unknown::grown($id, (float) $one->was, $new->near, $new->most, $one->text, array_values(array_unique([...$one->prep, ...$new->prep])), $new->least, $new->names);
                    unset($in[$id]);
                }
                $unknowns[] = isset($this->loose[$id]) && !$one->pinned ? $one->loosened(0.1) : $one;
                continue;
            }
            $unknowns[] = $one;
        }
        $all = [];
        foreach ($unknowns as $one) {
            if (!\is_string($one)) {
                $all[] = $one;
            } elseif (isset($in[$one])) {
                $all[] = isset($this->loose[$one]) ? $in[$one]->loosened(0.1) : $in[$one];
                unset($in[$one]);
            }
        }

        return $all;
    }
}
