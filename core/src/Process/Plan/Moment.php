<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Fault\Nonsense;

/**
 * A moment by the clock on the kitchen's wall, as seconds since Julian day 0, with the offset it was written with. An offset is kept and
 * printed again, never reckoned with: two moments of one plan must have the same, or none.
 */
final readonly class Moment
{
    private const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    private function __construct(public int $seconds, public string $offset) {}

    /** @throws Nonsense if it is no date with a time of day */
    public static function parse(string $text, string $field): self
    {
        $mend = 'write a date and a time such as 2026-12-05T19:30';
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)[T ](\d\d):(\d\d)(?::(\d\d)(?:\.\d+)?)?(Z|[+-]\d\d:?\d\d)?$/i', trim($text), $m) !== 1) {
            throw Nonsense::of($field, mb_substr($text, 0, 40), $mend);
        }
        [, $year, $month, $day, $hour, $minute] = array_map(intval(...), $m);
        $second = (int) ($m[6] ?? 0);
        if ($year < 1 || !checkdate($month, $day, $year) || $hour > 23 || $minute > 59 || $second > 59) {
            throw Nonsense::of($field, mb_substr($text, 0, 40), 'there is no such day or time; ' . $mend);
        }

        return new self(gregoriantojd($month, $day, $year) * Hours::DAY + 3600 * $hour + 60 * $minute + $second, $m[7] ?? '');
    }

    /** The same clock, at another moment. */
    public function at(int $seconds): self
    {
        return new self($seconds, $this->offset);
    }

    /** Such as 2026-12-05T19:30:00, with the offset it was written with. */
    public function words(): string
    {
        [$month, $day, $year] = $this->day();

        return \sprintf('%04d-%02d-%02dT%02d:%02d:%02d%s', $year, $month, $day, intdiv($this->seconds % Hours::DAY, 3600), intdiv($this->seconds % 3600, 60), $this->seconds % 60, $this->offset);
    }

    /** As it is said to a cook: "21:30 on 4 December". */
    public function said(): string
    {
        [$month, $day] = $this->day();

        return \sprintf('%02d:%02d on %d %s', intdiv($this->seconds % Hours::DAY, 3600), intdiv($this->seconds % 3600, 60), $day, self::MONTHS[$month - 1]);
    }

    /** @return array{int, int, int} month, day, year */
    private function day(): array
    {
        [$month, $day, $year] = array_map(intval(...), explode('/', jdtogregorian(intdiv($this->seconds, Hours::DAY))));

        return [$month, $day, $year];
    }
}
