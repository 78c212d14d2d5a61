<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * The practitioner's first move, by class, diet and place (`core/data/reformulation/twins.csv`); `class@a|b` is a row for a and b of the class alone. A part of a twin that is itself not allowed is
 * replaced by its own twin, so that diets may be asked together.
 */
final class TwinBook
{
    /** How deep a twin's parts are replaced in turn. */
    private const DEEPEST = 2;

    /** Share of a twin that may be patched without its losing its place in the table, and the most of it where another can be had whole. */
    private const A_LITTLE = 0.2;
    private const MOST_PATCHED = 0.4;

    /** Where else to look when a place has no row of its own. */
    private const FALLBACK = ['base' => ['any', 'crumb', 'baked', 'filling'], 'filling' => ['any', 'baked', 'topping', 'base'], 'foam' => ['any', 'filling', 'topping', 'baked', 'base'], 'dough' => ['base', 'any', 'crumb', 'baked', 'filling'], 'crumb' => ['baked', 'any', 'filling', 'base'], 'baked' => ['any', 'filling', 'base'], 'topping' => ['any', 'filling', 'foam', 'base']];

    /** @var ?array<string, list<Twin>> by class */
    private static ?array $rows = null;

    /** @var array<string, list<Twin>> what was found before */
    private array $found = [];

    /** @var ?array<string, list<Ingredient>> shelf rows by class */
    private ?array $byClass = null;

    public function __construct(private readonly Shelf $shelf, private readonly Permit $permit) {}

    /**
     * @param list<string> $diets rows to look under, as the table names them, nearest first
     * @param 'base'|'filling'|'foam'|'crumb'|'dough'|'baked'|'topping' $where
     *
     * @return list<Twin> allowed, first choice first; a `none` among them says why there is nothing nearer
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
     * @return list<Twin>
     */
    private function find(Ingredient $in, array $diets, string $where, int $depth): array
    {
        $found = $seen = [];
        $none = null;
        foreach ([$where, ...self::FALLBACK[$where]] as $place) {
            foreach ($diets as $diet) {
                $another = false;
                foreach (self::rows()[$in->class] ?? [] as $twin) {
                    if ($twin->diet !== $diet || $twin->where !== $place || !$twin->isFor($in)) {
                        continue;
                    }
                    if ($twin->isNone()) {
                        $none ??= $twin;
                        $another = true;
                        continue;
                    }
                    $resolved = $this->resolve($twin, $in, $diets, $where, $depth);
                    if ($resolved === null || isset($seen[$name = implode('+', array_keys($resolved->mix))])) {
                        continue;
                    }
                    $seen[$name] = true;
                    $found[] = $another || $none !== null ? $resolved->another($none->note ?? $resolved->note) : $resolved;
                }
            }
        }
        // What stands in as the table has it comes before what had to be patched, and where the layer is no base, what need not be baked before what must.
        $later = static fn(Twin $t): int => (int) round(10 * max(0.0, $t->patched - self::A_LITTLE)) + ($where !== 'base' && $where !== 'dough' && ($t->isBaked || $t->boilOff > 0.0) ? 5 : 0);
        usort($found, static fn(Twin $a, Twin $b): int => [$a->isAnother, $later($a)] <=> [$b->isAnother, $later($b)]);
        $whole = array_values(array_filter($found, static fn(Twin $t): bool => $t->patched <= self::MOST_PATCHED));
        $found = $whole === [] ? $found : $whole;
        if ($found === [] && $depth === 0) {
            $found = $this->siblings($in, $none !== null);
        }

        return $none !== null ? [$none, ...$found] : $found;
    }

    /**
     * Others of the same class, where no row serves.
     *
     * @return list<Twin>
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

        return array_map(static fn(string|int $id): Twin => new Twin('any', 'any', [(string) $id => 1.0], 1.0, [], 0.0, false, $isAnother, '', 'another of its kind', 'trade'), \array_slice(array_keys($near), 0, 2));
    }

    /**
     * @param list<string> $diets
     * @param 'base'|'filling'|'foam'|'crumb'|'dough'|'baked'|'topping' $where
     */
    private function resolve(Twin $twin, Ingredient $replaced, array $diets, string $where, int $depth): ?Twin
    {
        $twin = $twin->helpedBy($this->helping($twin, $replaced));
        $mix = [];
        $patched = 0.0;
        $ratio = $twin->ratio;
        foreach ($twin->mix as $id => $share) {
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

        return $twin->mixing(array_map(static fn(float $s): float => $s / $sum, $mix), $ratio * ($sum > 1.0 + 1e-6 || $sum < 1.0 - 0.02 ? $sum : 1.0), $patched);
    }

    /**
     * The helpers that are for what is replaced, each by the first of its alternatives that may come in.
     *
     * @return list<array{id: string, share: float, of: 'twin'|'layer'|'replaced', when: ?Condition, or: list<array{id: string, share: float, of: 'twin'|'layer'|'replaced'}>}>
     */
    private function helping(Twin $twin, Ingredient $replaced): array
    {
        $helpers = [];
        foreach ($twin->helpers as $helper) {
            if ($helper['when'] !== null && !$helper['when']->mayHoldFor($replaced)) {
                continue;
            }
            foreach ([['id' => $helper['id'], 'share' => $helper['share'], 'of' => $helper['of']], ...$helper['or']] as $dose) {
                $in = $this->shelf->find($dose['id']);
                if ($dose['share'] < 0.0 || ($in !== null && $this->permit->allows($in))) {
                    $helpers[] = $dose + ['when' => $helper['when'], 'or' => []];
                    break;
                }
            }
        }

        return $helpers;
    }

    /**
     * The rows of the brief's diets in the table's own words, nearest first.
     *
     * @return list<string>
     */
    public static function names(Diet $diet): array
    {
        return match ($diet) {
            Diet::Vegan => ['vegan'],
            Diet::Eggless => ['eggless', 'vegan'],
            Diet::Vegetarian => ['vegetarian', 'gelatin-free', 'vegan'],
            Diet::DairyFree => ['dairy-free', 'vegan'],
            Diet::GlutenFree => ['gluten-free'],
            Diet::Keto => ['keto'],
            Diet::HighProtein, Diet::LowFat => ['high-protein'],
            Diet::ReducedSugar => ['low-sugar', 'keto'],
            Diet::Raw => ['raw'],
            Diet::NutFree => ['nut-free'],
            Diet::SoyFree => ['soy-free'],
            Diet::AlcoholFree => ['alcohol-free'],
        };
    }

    /** @return array<string, list<Twin>> every row by class, in the table's order */
    public static function rows(): array
    {
        if (self::$rows === null) {
            self::$rows = [];
            foreach (Table::rows(\dirname(__DIR__, 2) . '/data/reformulation/twins.csv') as $row) {
                [$row['class'], $only] = [...explode('@', $row['class']), ''];
                self::$rows[$row['class']][] = self::read($row, $only === '' ? [] : explode('|', $only));
            }
        }

        return self::$rows;
    }

    /**
     * @param array<string, string> $row
     * @param list<string> $only
     */
    private static function read(array $row, array $only): Twin
    {
        $mix = [];
        foreach ($row['twin'] === 'none' ? [] : explode('+', $row['twin']) as $part) {
            [$id, $share] = [...explode(':', $part), '1'];
            $mix[$id] = (float) $share;
        }
        [$helpers, $words, $boilOff] = self::helpers($row['helpers'], $row['class'] . ' ' . $row['diet'] . ' ' . $row['twin']);

        return new Twin($row['diet'], $row['where'], $mix, (float) $row['ratio'], $helpers, $boilOff, preg_match('/\b(bake|dry at)\b/', $row['helpers']) === 1 || ($boilOff > 0.0 && $row['where'] === 'base'), false, implode('; ', $words), $row['note'], $row['mark'], 0.0, $only);
    }

    /**
     * A cell of helpers, read to its last character: pieces parted by ";", each `id:share of twin|layer|replaced`, with " when " and a condition where it is
     * for some only, and with "|" between alternatives of which the first that may come in is taken; `boil-off:share of replaced`; or plain
     * words for the cook, which hold no dose.
     *
     * @return array{list<array{id: string, share: float, of: 'twin'|'layer'|'replaced', when: ?Condition, or: list<array{id: string, share: float, of: 'twin'|'layer'|'replaced'}>}>, list<string>, float}
     *
     * @throws BrokenTable if a piece is none of these
     */
    private static function helpers(string $cell, string $row): array
    {
        $helpers = $words = [];
        $boilOff = 0.0;
        foreach (array_filter(array_map(trim(...), explode(';', $cell))) as $piece) {
            if (preg_match('/^boil-off:([\d.]+) of replaced$/', $piece, $m) === 1) {
                $boilOff = (float) $m[1];
                continue;
            }
            $doses = [];
            $condition = null;
            [$given, $when] = preg_match('/^(.+?) when (\S+)$/', $piece, $m) === 1 ? [$m[1], $m[2]] : [$piece, ''];
            foreach (explode('|', $given) as $dose) {
                if (preg_match('/^([a-z0-9-]+):(-?\d+(?:\.\d+)?) of (twin|layer|replaced)$/', $dose, $d) === 1) {
                    $doses[] = ['id' => $d[1], 'share' => (float) $d[2], 'of' => match ($d[3]) {
                        'layer' => 'layer',
                        'replaced' => 'replaced',
                        default => 'twin',
                    }];
                }
            }
            if ($doses === []) {
                // Words are for the cook; what looks like a dose among them was to be weighed.
                if (preg_match('/[a-z]:-?[\d.]|\d of (?:twin|layer|replaced)/', $piece) === 1) {
                    throw BrokenTable::missing("twins.csv, $row: helper “{$piece}”");
                }
                $words[] = $piece;
                continue;
            }
            if (\count($doses) !== substr_count($given, '|') + 1 || ($when !== '' && ($condition = Condition::read($when)) === null)) {
                throw BrokenTable::missing("twins.csv, $row: helper “{$piece}”");
            }
            $helpers[] = $doses[0] + ['when' => $condition, 'or' => \array_slice($doses, 1)];
        }

        return [$helpers, $words, $boilOff];
    }
}
