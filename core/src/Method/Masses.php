<?php

declare(strict_types=1);

namespace Transmuta\Method;

/**
 * What of one list is worked together, told by the graph of the maker's steps: biscuit and butter are a base, what is poured over it is another mass, and berries
 * that go on at the end are in neither. A list nobody parted by headings is parted by this, so that fruit on top counts for no set.
 */
final readonly class Masses
{
    /** Operations that put finished masses on, in or round each other, and mix nothing. */
    private const ASSEMBLES = ['fill', 'pour_over', 'spread', 'layer', 'lay_in', 'arrange', 'set_in_layers', 'scatter', 'dust', 'garnish', 'glaze', 'crumb_coat', 'pipe', 'stuff', 'serve'];

    /** What is poured is mixed in, unless what it is poured on stands. */
    private const POURS = ['pour_over', 'fill', 'glaze', 'stuff'];

    /** What stands: pressed, laid out, baked or chilled. */
    private const STANDS = ['press_base', 'line_pastry', 'lay_in', 'arrange', 'set_in_layers', 'layer', 'spread', 'scatter', 'bake', 'bake_water', 'blind_bake', 'dry_oven', 'toast', 'roast', 'chill', 'freeze', 'cool', 'unmould', 'cut', 'chop', 'prep_fruit', 'dip', 'soak_sponge', 'fill', 'pour_over', 'pipe', 'roll', 'cut_out'];

    /** What mixes what was put together, so that it is one mass after all: hot milk poured on chocolate, and stirred. */
    private const MIXES = ['combine', 'emulsify', 'blend', 'beat', 'whip', 'fold', 'stream_in', 'temper_in', 'temper_eggs', 'strain', 'homogenise', 'cream_butter', 'rub_in', 'knead', 'toss', 'mash'];

    /** Operations by which a mass is what another stands on. */
    private const UNDER = ['press_base', 'line_pastry', 'lay_in', 'blind_bake'];

    /** Share of the whole under which a mass is none of its own. */
    private const LEAST = 0.03;

    public const BASE = 'Base';
    public const TOPPING = 'Topping';

    /** Most of it. Nobody writes such a heading: a layer of that name is one that was parted so. */
    public const MAIN = 'Main mix';

    /**
     * @param list<int> $lines places of the understood lines, from 0
     * @param list<string> $named the lines as the steps name them, in that order
     * @param self::BASE|self::MAIN|self::TOPPING $name what it is to the others
     */
    private function __construct(public array $lines, public array $named, public string $name) {}

    /**
     * The masses of the first layer of a method, in the order they are begun.
     *
     * @param list<float> $grams of its understood lines
     *
     * @return list<self> none where it is one mass, or the words leave open what goes where
     */
    public static function of(Method $method, array $grams): array
    {
        $isOf = static fn(Part $part): bool => $part->layer === 0;
        if ($method->unread() !== [] || $grams === []) {
            return [];
        }
        $root = array_keys($grams);
        /** @var array<int, ?int> $mass a line of the mass an act makes; null where it is put together of several */
        $mass = [];
        $isUnder = $isPut = [];
        foreach ($method->acts as $n => $act) {
            $of = array_map(static fn(Part $part): int => $part->line, array_values(array_filter($act->parts, $isOf)));
            $from = array_map(static fn(int $one): ?int => $mass[$one] ?? null, array_values(array_filter($act->from, static fn(int $one): bool => \array_key_exists($one, $mass))));
            if (\in_array($act->operation->key, self::ASSEMBLES, true) && \count($of) + \count($from) > 1 && !self::isMixed($method, $n) && self::isOnWhatStands($method, $act)) {
                $mass[$n] = null;
                foreach ($of as $line) {
                    $isPut[$line] = true;
                }
                // Of what is put on at once, as berries and mint, nothing is parted further.
                self::join($root, $of);
                continue;
            }
            if (\in_array(null, $from, true)) {
                $mass[$n] = null;
                self::join($root, $of);
                continue;
            }
            $together = [...$of, ...array_filter($from, is_int(...))];
            self::join($root, $together);
            if ($together !== []) {
                $mass[$n] = $together[0];
            }
            foreach (\in_array($act->operation->key, self::UNDER, true) ? $together : [] as $line) {
                $isUnder[$line] = true;
            }
        }
        // A little that no step names goes in with most of it; of more nobody knows where.
        $groups = self::groups($root);
        $weight = static fn(array $lines): float => array_sum(array_map(static fn(int $line): float => $grams[$line], $lines));
        usort($groups, static fn(array $a, array $b): int => $weight($b) <=> $weight($a));
        $main = array_shift($groups) ?? [];
        $unsaid = array_map(static fn(Part $part): int => $part->line, array_values(array_filter($method->unsaid, $isOf)));
        if ($weight($unsaid) >= self::LEAST * array_sum($grams)) {
            return [];
        }
        $parted = [];
        foreach ($groups as $lines) {
            if (array_intersect($lines, $unsaid) !== [] || $weight($lines) < self::LEAST * array_sum($grams)) {
                array_push($main, ...$lines);
            } else {
                $parted[] = $lines;
            }
        }
        if ($parted === []) {
            return [];
        }
        sort($main);
        $all = [$main, ...$parted];
        usort($all, static fn(array $a, array $b): int => ($a[0] ?? 0) <=> ($b[0] ?? 0));
        $hasBase = false;
        $named = array_map(static function (array $lines) use ($main, $isUnder, &$hasBase): string {
            if ($lines === $main) {
                return self::MAIN;
            }
            if (array_intersect_key($isUnder, array_flip($lines)) !== [] && !$hasBase) {
                $hasBase = true;

                return self::BASE;
            }

            return self::TOPPING;
        }, $all);

        $words = [];
        foreach ($method->acts as $act) {
            foreach (array_filter($act->parts, $isOf) as $part) {
                $words[$part->line] ??= $part->named;
            }
        }

        return array_map(static fn(array $lines, string $name): self => new self($lines, array_map(static fn(int $line): string => $words[$line] ?? '', $lines), $name), $all, $named);
    }

    /** What it is called by its steps, of two things by both: coffee and marsala, of which nothing says what they are for. Its place where they do not say. */
    public function called(): string
    {
        $isNamed = \count($this->lines) === 2 && array_intersect($this->named, ['', 'everything', 'rest']) === [];

        return $this->name === self::TOPPING && $isNamed ? ucfirst(implode(' and ', $this->named)) : $this->name;
    }

    /** Whether a layer of that name may be this: one of a single line is called by that. */
    public function mayBe(string $layer): bool
    {
        return \count($this->lines) === 1 || \in_array($layer, [$this->name, $this->called()], true);
    }

    private static function isOnWhatStands(Method $method, Act $act): bool
    {
        return !\in_array($act->operation->key, self::POURS, true) || array_filter($act->from, static fn(int $from): bool => \in_array($method->acts[self::before($method, $from)]->operation->key, self::STANDS, true)) !== [];
    }

    /** The act before those that only move what it made: "put it in the base of the tin". */
    private static function before(Method $method, int $n): int
    {
        while (\in_array($method->acts[$n]->operation->key, ['combine', 'move'], true) && $method->acts[$n]->parts === [] && \count($method->acts[$n]->from) === 1) {
            $n = $method->acts[$n]->from[0];
        }

        return $n;
    }

    /** Whether what an act puts together is mixed right after it, by itself. */
    private static function isMixed(Method $method, int $n): bool
    {
        foreach ($method->acts as $later) {
            if ($later->from === [$n]) {
                return \in_array($later->operation->key, self::MIXES, true);
            }
        }

        return false;
    }

    /**
     * @param array<int, int> $root
     * @param list<int> $lines
     */
    private static function join(array &$root, array $lines): void
    {
        foreach (\array_slice($lines, 1) as $line) {
            $was = $root[$line];
            foreach ($root as $one => $of) {
                $root[$one] = $of === $was ? $root[$lines[0]] : $of;
            }
        }
    }

    /**
     * @param array<int, int> $root
     *
     * @return list<list<int>>
     */
    private static function groups(array $root): array
    {
        $groups = [];
        foreach ($root as $line => $of) {
            $groups[$of][] = $line;
        }

        return array_values($groups);
    }
}
