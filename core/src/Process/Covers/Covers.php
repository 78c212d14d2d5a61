<?php

declare(strict_types=1);

namespace Transmuta\Process\Covers;

use Transmuta\Property\DishReading;

/**
 * The fewest versions that serve everyone, of those the ones with the fewest questions open, of those the cheapest. All that are as few are
 * looked at, so it is exact.
 */
final class Covers
{
    /** Ways of giving guests a set of versions that are all tried. */
    private const MOST_SHARES = 5000;

    /** @var list<list<Fit>> by guests, by version */
    private array $fits;

    /** @var ?array{list<int|float>, array<int, int>} how good the best is, and the version of each of the guests */
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
        for ($many = 1; $served !== [] && $this->best === null && $many <= \count($this->versions); ++$many) {
            $this->choose($served, [], $many);
        }

        return $this->made($this->best[1] ?? [], $unserved);
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
     * Who gets which of a set: with the fewest questions, then the cheapest; guests that only one of them suits are given it.
     *
     * @param list<int> $served
     * @param list<int> $set
     */
    private function share(array $served, array $set): void
    {
        $of = [];
        $open = [];
        foreach ($served as $guest) {
            $may = array_values(array_filter($set, fn(int $v): bool => $this->fits[$guest][$v]->suits()));
            // Nothing is asked of them by that one: no other can be better by its questions.
            $free = array_values(array_filter($may, fn(int $v): bool => $this->fits[$guest][$v]->questions === []));
            $open[$guest] = $free === [] ? $may : $free;
            usort($open[$guest], fn(int $a, int $b): int => [\count($this->fits[$guest][$a]->questions), $this->price($a), $a] <=> [\count($this->fits[$guest][$b]->questions), $this->price($b), $b]);
            $of[$guest] = $open[$guest][0];
        }
        $this->keep($of);
        if (array_product(array_map(\count(...), $open)) <= self::MOST_SHARES) {
            $this->everyShare(array_keys($open), $open, $of);

            return;
        }
        // Too many to try: one change at a time, as long as it is better.
        for ($isBetter = true; $isBetter;) {
            $isBetter = false;
            foreach ($open as $guest => $may) {
                foreach ($may as $version) {
                    $other = [$guest => $version] + $of;
                    if ($this->score($other) < $this->score($of)) {
                        $of = $other;
                        $isBetter = true;
                    }
                }
            }
        }
        $this->keep($of);
    }

    /**
     * Questions that two versions share are asked once, so what is best for each need not be best for all.
     *
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

    /** @param array<int, int> $of */
    private function keep(array $of): void
    {
        ksort($of);
        $score = $this->score($of);
        if ($this->best === null || $score < $this->best[0]) {
            $this->best = [$score, $of];
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
    private function made(array $of, array $unserved): Cover
    {
        $serves = [];
        $questions = [];
        foreach ($of as $guest => $version) {
            $serves[$version][] = $guest;
            foreach ($this->fits[$guest][$version]->questions as $question) {
                $questions[] = \sprintf('%s: %s', $this->versions[$version]->formula->title, $question);
            }
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

        return new Cover($chosen, $unserved, array_values(array_unique($questions)), $cost);
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
