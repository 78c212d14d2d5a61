<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Reference\BrokenTable;

/** "boil_min<2" or several joined by "&": a figure against its threshold, and how far beyond it is. With "!" before it, it is the test that decides. */
final readonly class Condition
{
    /** @param non-empty-list<array{metric: string, isOver: bool, threshold: float}> $all */
    private function __construct(private array $all, public bool $isDeciding) {}

    /** @return list<self> of alternatives parted by ";" */
    public static function read(string $text): array
    {
        return array_map(self::one(...), array_values(array_filter(explode(';', $text), static fn(string $part): bool => $part !== '')));
    }

    private static function one(string $text): self
    {
        $all = [];
        $isDeciding = str_starts_with($text, '!');
        foreach (explode('&', ltrim($text, '!')) as $part) {
            if (preg_match('/^([a-z_0-9]+)([<>])(-?[\d.]+)$/', trim($part), $m) !== 1) {
                throw BrokenTable::missing("faults/causes.csv: $part");
            }
            $all[] = ['metric' => $m[1], 'isOver' => $m[2] === '>', 'threshold' => (float) $m[3]];
        }

        return new self($all, $isDeciding);
    }

    /** @return list<string> */
    public function metrics(): array
    {
        return array_column($this->all, 'metric');
    }

    /** @return ?bool null where a figure it needs is not known */
    public function holds(Measured $at): ?bool
    {
        $holds = true;
        foreach ($this->all as $one) {
            $value = $at->value($one['metric']);
            if ($value === null) {
                return null;
            }
            $holds = $holds && ($one['isOver'] ? $value > $one['threshold'] : $value < $one['threshold']);
        }

        return $holds;
    }

    /** By half the threshold or more: "over 2" at 3, "under 2" at 1. */
    public function isFar(Measured $at): bool
    {
        foreach ($this->all as $one) {
            $value = $at->value($one['metric']);
            $step = abs($one['threshold']) / 2;
            if ($value !== null && $one['threshold'] !== 0.0 && ($one['isOver'] ? $value >= $one['threshold'] + $step : $value <= $one['threshold'] - $step)) {
                return true;
            }
        }

        return false;
    }

    /** What was found against what: "boil 0.7 min, under 2". */
    public function words(Measured $at): string
    {
        return implode(', ', array_map(static function (array $one) use ($at): string {
            $value = $at->value($one['metric']);

            return \sprintf('%s %s, %s %g', Metrics::words($one['metric']), $value === null ? 'not known' : (string) round($value, $value < 10.0 ? 2 : 1), $one['isOver'] ? ($value !== null && $value > $one['threshold'] ? 'over' : 'not over') : ($value !== null && $value < $one['threshold'] ? 'under' : 'not under'), $one['threshold']);
        }, $this->all));
    }
}
