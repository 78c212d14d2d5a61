<?php

declare(strict_types=1);

namespace Transmuta\Process\Covers;

use Transmuta\Property\DishReading;

/**
 * The fewest versions that serve everyone, of those the ones with the fewest questions open, of those the cheapest. It is exact wherever no more than
 * {@see MOST_SHARES} ways of asking and of sharing out have to be looked at; where there are more it says by how much at the most it can be dearer than the best.
 */
final class Covers
{
    /** Ways of giving guests a set of versions that are all tried. */
    private const MOST_SHARES = 5000;

    /** @var list<list<Fit>> by guests, by version */
    private array $fits;

    /** Sets of questions looked at so far. */
    private int $tried = 0;

    /** @var ?array{list<int|float>, array<int, int>, float} how good the best is, the version of each of the guests, and by how much it may be dearer than what was not looked at */
    private ?array $best = null;

    /**
     * @param list<Guests> $guests
     * @param list<DishReading> $versions
     * @param float $margin under 1 a share of the portions, from 1 on portions of each version
     */
    public function __construct(private readonly array $guests, private readonly array $versions, private readonly float $margin = 0.0)
    {
        $this->fits = array_map(static fn(Guests $g): array => array_map(static fn(DishReading $d): Fit => Fit::of($d, $g), $versions), $guests);
    }

    public function cover(): Cover
    {
        $served = $unserved = [];
        foreach ($this->fits as $guest => $fits) {
            if (array_filter($fits, static fn(Fit $f): bool => $f->suits()) !== []) {
                $served[] = $guest;
            } else {
                $unserved[] = ['guest' => $guest, 'why' => $this->why($guest)];
            }
        }
        $this->best = null;
        $this->tried = 0;
        for ($many = 1; $served !== [] && $this->best === null && $many <= \count($this->versions); ++$many) {
            $this->choose($served, [], $many);
        }

        return $this->made($this->best[1] ?? [], $unserved, $this->best[2] ?? 0.0);
    }

    /** Each of the guests the cheapest that suits them, however many versions that makes. */
    public function cheapest(): Cover
    {
        $of = [];
        foreach ($this->fits as $guest => $fits) {
            $may = array_keys(array_filter($fits, static fn(Fit $f): bool => $f->suits()));
            usort($may, fn(int $a, int $b): int => [$this->price($a), \count($fits[$a]->questions), $a] <=> [$this->price($b), \count($fits[$b]->questions), $b]);
            if ($may !== []) {
                $of[$guest] = $may[0];
            }
        }

        return $this->made($of, []);
    }

    /**
     * Every set of so many versions that serves all: by the guests that fewest are left for.
     *
     * @param list<int> $served
     * @param list<int> $set
     */
    private function choose(array $served, array $set, int $many): void
    {
        $left = array_values(array_filter($served, fn(int $g): bool => array_filter($set, fn(int $v): bool => $this->fits[$g][$v]->suits()) === []));
        if ($left === []) {
            $this->share($served, $set);

            return;
        }
        if (\count($set) === $many) {
            return;
        }
        foreach ($this->fits[$left[0]] as $version => $fit) {
            if ($fit->suits()) {
                $this->choose($served, [...$set, $version], $many);
            }
        }
    }

    /**
     * Who gets which of a set: with the fewest questions, then the cheapest. A question that two versions share is asked once, and one that is asked anyway
     * costs nothing more: so it is looked for by what is asked, the fewest first, and with that each of the guests may have whatever needs no more.
     *
     * @param list<int> $served
     * @param list<int> $set
     */
    private function share(array $served, array $set): void
    {
        $may = [];
        $all = [];
        foreach ($served as $guest) {
            foreach ($set as $version) {
                if ($this->fits[$guest][$version]->suits()) {
                    $may[$guest][$version] = $this->asked($guest, $version);
                    $all = [...$all, ...$may[$guest][$version]];
                }
            }
        }
        $all = array_values(array_unique($all));
        for ($many = 0; $many <= \count($all); ++$many) {
            $found = false;
            foreach (self::subsets($all, $many) as $asked) {
                if (++$this->tried > self::MOST_SHARES) {
                    // More than can be looked at: all may be asked, and how far the best can be is said.
                    $this->among($may, $all, false);

                    return;
                }
                $found = $this->among($may, $asked, true) || $found;
            }
            if ($found) {
                return;
            }
        }
    }

    /**
     * The cheapest sharing out that asks nothing but these questions.
     *
     * @param array<int, array<int, list<string>>> $may questions by guest, by version
     * @param list<string> $asked
     *
     * @return bool whether all of the guests are served so
     */
    private function among(array $may, array $asked, bool $isFewest): bool
    {
        $open = $of = [];
        $least = 0.0;
        foreach ($may as $guest => $versions) {
            $open[$guest] = array_keys(array_filter($versions, static fn(array $questions): bool => array_diff($questions, $asked) === []));
            if ($open[$guest] === []) {
                return false;
            }
            usort($open[$guest], fn(int $a, int $b): int => [$this->price($a), $a] <=> [$this->price($b), $b]);
            $of[$guest] = $open[$guest][0];
            $least += $this->guests[$guest]->count * (1.0 + min($this->margin, 0.999)) * $this->price($of[$guest]);
        }
        // Only the rounding up of portions ties the guests to each other: where there are too many ways, each gets their own cheapest.
        $isWhole = array_product(array_map(\count(...), $open)) <= self::MOST_SHARES;
        if ($isWhole && $isFewest) {
            $this->everyShare(array_keys($open), $open, $of);
        } else {
            $this->keep($of, max(0.0, $this->made($of, [])->cost - $least));
        }

        return true;
    }

    /**
     * @param list<string> $of
     *
     * @return \Generator<list<string>>
     */
    private static function subsets(array $of, int $many, int $from = 0): \Generator
    {
        if ($many === 0) {
            yield [];

            return;
        }
        for ($n = $from; $n <= \count($of) - $many; ++$n) {
            foreach (self::subsets($of, $many - 1, $n + 1) as $rest) {
                yield [$of[$n], ...$rest];
            }
        }
    }

    /**
     * @param list<int> $guests
     * @param array<int, list<int>> $open
     * @param array<int, int> $of
     */
    private function everyShare(array $guests, array $open, array $of): void
    {
        if ($guests === []) {
            $this->keep($of);

            return;
        }
        $guest = array_shift($guests);
        foreach ($open[$guest] as $version) {
            $this->everyShare($guests, $open, [$guest => $version] + $of);
        }
    }

    /** @return list<string> what is asked where one of the guests gets a version, the version named */
    private function asked(int $guest, int $version): array
    {
        return array_map(fn(string $question): string => \sprintf('%s: %s', $this->versions[$version]->formula->title, $question), $this->fits[$guest][$version]->questions);
    }

    /** @param array<int, int> $of */
    private function keep(array $of, float $dearer = 0.0): void
    {
        ksort($of);
        $score = $this->score($of);
        if ($this->best === null || $score < $this->best[0]) {
            $this->best = [$score, $of, $dearer];
        }
    }

    /**
     * @param array<int, int> $of the version of each of the guests
     *
     * @return list<int|float> versions, questions, cost, portions: the less the better
     */
    private function score(array $of): array
    {
        $cover = $this->made($of, []);

        return [\count($cover->chosen), \count($cover->questions), $cover->cost, array_sum(array_map(static fn(Chosen $c): int => $c->portions, $cover->chosen)), array_sum($of)];
    }

    /**
     * @param array<int, int> $of
     * @param list<array{guest: int, why: string}> $unserved
     */
    private function made(array $of, array $unserved, float $dearer = 0.0): Cover
    {
        $serves = [];
        $questions = [];
        foreach ($of as $guest => $version) {
            $serves[$version][] = $guest;
            $questions = [...$questions, ...$this->asked($guest, $version)];
        }
        ksort($serves);
        $cost = 0.0;
        $chosen = [];
        foreach ($serves as $version => $guests) {
            sort($guests);
            $count = array_sum(array_map(fn(int $g): int => $this->guests[$g]->count, $guests));
            $portions = $this->margin < 1.0 ? (int) ceil($count * (1 + $this->margin) - 1e-9) : $count + (int) ceil($this->margin);
            $chosen[] = new Chosen($version, $portions, $guests);
            $cost += $portions * $this->price($version);
        }

        return new Cover($chosen, $unserved, array_values(array_unique($questions)), $cost, $dearer);
    }

    /** Minor units a portion, of what has a price. */
    private function price(int $version): float
    {
        return $this->versions[$version]->portion['cost_minor'] ?? 0.0;
    }

    private function why(int $guest): string
    {
        $why = [];
        foreach ($this->fits[$guest] as $version => $fit) {
            $why[] = \sprintf('%s %s', $this->versions[$version]->formula->title, implode(' and ', $fit->against));
        }

        return implode('. ', $why) . '.';
    }
}
