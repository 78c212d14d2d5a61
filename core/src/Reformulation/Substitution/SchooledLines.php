<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Formula\Family;
use Transmuta\Formula\Line;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/** What the studio's schools do to the written lines of a layer before anything is replaced: the zest of a curd, and which part of the egg it is made with. */
final readonly class SchooledLines
{
    public function __construct(private Shelf $shelf, private Permit $permit, private Schools $schools) {}

    /**
     * The understood lines of a layer, with the zest a curd has by the studio's school.
     *
     * @return array<int, Line>
     */
    public function written(LayerReading $layer, Family $family): array
    {
        $lines = $layer->layer->understood();
        if ($family !== Family::Curd || $this->schools->zest === null) {
            return $lines;
        }
        $isZest = fn(Line $l): bool => $this->shelf->get((string) $l->ingredient)->class === 'zest';
        $has = array_filter($lines, $isZest);
        if (!$this->schools->zest) {
            return array_diff_key($lines, array_filter($has, static fn(Line $l): bool => !$l->pinned));
        }
        foreach ($has === [] ? $lines : [] as $line) {
            $zest = $this->zestOf((string) $line->ingredient);
            if ($zest !== null && $line->grams > 0.0) {
                $lines[] = Line::of($zest->id, Figure::CurdZest->number() / 100 * $layer->state->mixed, prep: ['grated']);

                return $lines;
            }
        }

        return $lines;
    }

    /** The rind of the fruit a juice is pressed from (`core/data/shelf/zests.csv`); null where the shelf has none. */
    private function zestOf(string $juice): ?Ingredient
    {
        $zest = array_column(Table::of('shelf/zests'), 'zest', 'juice')[$juice] ?? null;

        return $zest === null ? null : $this->shelf->find($zest);
    }

    /**
     * The lines with every egg in the form of one part, by its protein; null where it stands so already.
     *
     * @param array<int, Line> $lines
     * @param list<int> $banned
     *
     * @return ?array<int, Line>
     */
    public function eggsAs(string $part, array $lines, array $banned): ?array
    {
        $leave = $part === 'egg-yolk' ? ['whole-egg', 'egg-white'] : ['egg-yolk'];
        // One part of the egg sets as another does by its protein.
        $setsBy = fn(string $id): float => $this->shelf->get($id)->composition->of100('protein.egg');
        $protein = 0.0;
        $at = $id = null;
        foreach ($lines as $i => $line) {
            if (\in_array($this->shelf->get((string) $line->ingredient)->class, $leave, true) && !$line->pinned && $line->grams > 0.0) {
                if (\in_array($i, $banned, true)) {
                    return null;
                }
                $protein += $line->grams * $setsBy((string) $line->ingredient);
                $at ??= $i;
                unset($lines[$i]);
            }
        }
        if ($at === null) {
            return null;
        }
        foreach ($lines as $i => $line) {
            if ($this->shelf->get((string) $line->ingredient)->class === $part) {
                $id = (string) $line->ingredient;
                $protein += $line->grams * $setsBy($id);
                $at = $i;
            }
        }
        foreach ($id === null ? $this->shelf->all() : [] as $in) {
            if ($in->class === $part && $in->basedOn === null && $this->permit->allows($in)) {
                $id = $in->id;
                break;
            }
        }
        if ($id === null) {
            return null;
        }
        $lines[$at] = Line::of($id, $protein / $setsBy($id));
        ksort($lines);

        return $lines;
    }
}
