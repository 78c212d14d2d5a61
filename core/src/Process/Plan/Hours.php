<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Fault\Nonsense;

/**
 * When somebody is in the kitchen: windows of every day alike, by the clock on its wall. Moments are seconds of that clock, the days counted
 * from Julian day 0; a closed hour has no hands, no oven, no hob and no mixer.
 */
final readonly class Hours
{
    public const DAY = 86400;

    /** @param list<array{int, int}> $windows seconds of a day, apart from each other, in order; the last may run over midnight; [] for always open */
    private function __construct(private array $windows) {}

    public static function always(): self
    {
        return new self([]);
    }

    /**
     * @param list<array{string, string}> $windows such as ["07:00", "22:00"]; one that ends at or before it begins runs over midnight
     *
     * @throws Nonsense if a time of day is none, or a kitchen never opens
     */
    public static function of(array $windows): self
    {
        $parts = [];
        foreach ($windows as $n => [$from, $to]) {
            $start = self::seconds($from, "kitchen.hours[$n][0]");
            $end = self::seconds($to, "kitchen.hours[$n][1]");
            if ($start === self::DAY) {
                throw Nonsense::of("kitchen.hours[$n][0]", $from, 'a day begins at 00:00');
            }
            array_push($parts, ...($end > $start ? [[$start, $end]] : [[$start, self::DAY], [0, $end]]));
        }
        if ($parts === []) {
            throw Nonsense::of('kitchen.hours', '[]', 'say when somebody is there, such as [["07:00", "22:00"]]');
        }
        sort($parts);
        $merged = [];
        $last = [0, 0];
        foreach ($parts as [$start, $end]) {
            if ($start > $last[1]) {
                $merged[] = $last;
                $last = [$start, $end];
            } else {
                $last[1] = max($last[1], $end);
            }
        }
        $merged = array_values(array_filter([...$merged, $last], static fn(array $w): bool => $w[1] > $w[0]));
        if ($merged === [[0, self::DAY]]) {
            return self::always();
        }
        $first = $merged[0];
        if (\count($merged) > 1 && $first[0] === 0 && $last[1] === self::DAY) {
            return new self([...\array_slice($merged, 1, -1), [$last[0], self::DAY + $first[1]]]);
        }

        return new self($merged);
    }

    /** s of the longest time somebody is there without a break; null where that never ends. */
    public function longest(): ?int
    {
        return $this->windows === [] ? null : max(array_map(static fn(array $w): int => $w[1] - $w[0], $this->windows));
    }

    /** The latest moment at or before one, from which something may run its length inside one window; null where no window is that long. */
    public function latest(int $at, int $length): ?int
    {
        if ($this->windows === []) {
            return $at;
        }
        $today = intdiv($at, self::DAY);
        // A window that began yesterday may still be open.
        for ($day = $today; $day >= $today - 2; --$day) {
            foreach (array_reverse($this->windows) as [$from, $to]) {
                $start = min($at, $day * self::DAY + $to - $length);
                if ($start >= $day * self::DAY + $from) {
                    return $start;
                }
            }
        }

        return null;
    }

    /** The latest moment from which a number of staffed seconds lie before another. */
    public function back(int $to, int $staffed): int
    {
        if ($this->windows === []) {
            return $to - $staffed;
        }
        for ($day = intdiv($to, self::DAY);; --$day) {
            foreach (array_reverse($this->windows) as [$from, $until]) {
                $open = max(0, min($to, $day * self::DAY + $until) - ($day * self::DAY + $from));
                if ($open >= $staffed) {
                    return min($to, $day * self::DAY + $until) - $staffed;
                }
                $staffed -= $open;
            }
        }
    }

    public function words(): string
    {
        $clock = static fn(int $s): string => \sprintf('%02d:%02d', intdiv($s, 3600) % 24, intdiv($s % 3600, 60));

        return $this->windows === [] ? 'day and night' : implode(' and ', array_map(static fn(array $w): string => $clock($w[0]) . '–' . $clock($w[1]), $this->windows));
    }

    private static function seconds(string $time, string $field): int
    {
        if (preg_match('/^(\d{1,2}):(\d\d)(?::(\d\d))?$/', trim($time), $m) !== 1 || (int) $m[1] > 24 || (int) $m[2] > 59 || (int) ($m[3] ?? 0) > 59) {
            throw Nonsense::of($field, $time, 'write a time of day such as 07:30');
        }
        $seconds = 3600 * (int) $m[1] + 60 * (int) $m[2] + (int) ($m[3] ?? 0);
        if ($seconds > self::DAY) {
            throw Nonsense::of($field, $time, 'a day ends at 24:00');
        }

        return $seconds;
    }
}
