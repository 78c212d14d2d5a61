<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Shelf\Shelf;

/** The unknown masses of a draft as they gather: what several lines bring is one mass, and what is there already grows. */
final class Pool
{
    /** @var array<string, Unknown> lines that come in, by ingredient */
    private array $in = [];

    /** @var list<string|Unknown> kept lines, and the names of those that came in, in the order they were met */
    private array $order = [];

    /** @var array<string, true> kept lines that may shrink */
    private array $loose = [];

    public function __construct(private readonly KindRules $rules, private readonly Shelf $shelf) {}

    public function keep(Unknown $line): void
    {
        $this->order[] = $line;
    }

    /** Brings it in, as far as the kind of the mass lets it. */
    public function bring(Unknown $new): void
    {
        $most = $this->rules->most($this->shelf->get($new->ingredient));
        if ($most === 0.0) {
            return;
        }
        if ($most !== null && $new->most > $most) {
            $new = Unknown::substitute($new->ingredient, min($new->near, 0.9 * $most), min($new->least, 0.5 * $most), $most, $new->names, $new->prep, $new->useful);
        }
        $key = self::key($new);
        $was = $this->in[$key] ?? null;
        if ($was === null) {
            $this->order[] = $key;
            $this->in[$key] = $new;

            return;
        }
        $highest = min($most ?? \INF, $was->most + $new->most);
        $this->in[$key] = Unknown::substitute($new->ingredient, min(0.9 * $highest, $was->near + $new->near), min(0.5 * $highest, $was->least + $new->least), $highest, false, array_values(array_unique([...$was->prep, ...$new->prep])), max($was->useful, $new->useful));
    }

    /** What was baked before is a line of its own: the egg of a sponge does not set the cream around it. */
    private static function key(Unknown $one): string
    {
        return $one->ingredient . (\in_array('baked', $one->prep, true) ? ', baked' : '');
    }

    /** @return list<string> ingredients that come in */
    public function incoming(): array
    {
        return array_values(array_unique(array_map(static fn(Unknown $one): string => $one->ingredient, $this->in)));
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
                $key = self::key($one);
                $new = $one->pinned || ($one->fixed && $one->near <= 0.0) ? null : $in[$key] ?? null;
                if ($new !== null) {
                    $one = $one->grown($new->near, $new->least, $new->most)->prepared($new->prep)->naming($new->names);
                    unset($in[$key]);
                }
                $unknowns[] = isset($this->loose[$id]) && !$one->pinned ? $one->loosened(Weights::of('free.loose')) : $one;
                continue;
            }
            $unknowns[] = $one;
        }
        $all = [];
        foreach ($unknowns as $one) {
            if (!\is_string($one)) {
                $all[] = $one;
            } elseif (isset($in[$one])) {
                $all[] = isset($this->loose[$in[$one]->ingredient]) ? $in[$one]->loosened(Weights::of('free.loose')) : $in[$one];
                unset($in[$one]);
            }
        }

        return $all;
    }
}
