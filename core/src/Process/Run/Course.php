<?php

declare(strict_types=1);

namespace Transmuta\Process\Run;

use Transmuta\Property\Heat\Pasteurisation;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * The temperatures a probe read in one step, in order, and what they say: what comes next and when, what was passed that should not be, how
 * much heat the egg has had, whether the cold comes in time. Minutes and °C.
 */
final readonly class Course
{
    /** A pace is told from this many degrees on, K, and never farther from the model's than by this factor. */
    private const PACE_FROM = 3.0;

    private const PACE_MOST = 4.0;

    /** @param list<array{float, float}> $points minutes and °C, in order of time */
    public function __construct(public array $points) {}

    /** How much of a pasteurisation the egg has had; null where there is none, or nothing to say it by. */
    public function lethality(StepHeat $heat, Reference $reference): ?float
    {
        return $heat->product === null || \count($this->points) < 2 ? null : (new Pasteurisation($reference))->lethality($heat->product, $this->points);
    }

    /** @return list<array{tone: 'alarm'|'good'|'told', text: string}> the most urgent first */
    public function says(StepHeat $heat, Reference $reference): array
    {
        $last = $this->points[\count($this->points) - 1] ?? null;
        if ($last === null) {
            return [];
        }

        return $heat->where === 'cold' ? $this->cooling($heat, $last) : $this->heating($heat, $last, $reference);
    }

    /**
     * @param array{float, float} $last
     *
     * @return list<array{tone: 'alarm'|'good'|'told', text: string}>
     */
    private function heating(StepHeat $heat, array $last, Reference $reference): array
    {
        $said = [];
        $hottest = max($last[1], ...array_column($this->points, 1));
        foreach ($heat->marks as $mark) {
            if ($mark['kind'] === 'not_over') {
                if ($hottest > $mark['celsius']) {
                    $said[] = ['tone' => 'alarm', 'text' => \sprintf('%.1f °C, over the %.0f °C where the egg of this formula curdles: off the heat, into ice water, blend 20 s, sieve.', $hottest, $mark['celsius'])];
                } elseif ($last[1] > $mark['celsius'] - Figure::CurdlingNear->number()) {
                    $said[] = ['tone' => 'alarm', 'text' => \sprintf('%.1f K to curdling: off the heat now.', $mark['celsius'] - $last[1])];
                }
            }
        }
        $target = array_values(array_filter($heat->marks, static fn(array $mark): bool => $mark['kind'] === 'reach'))[0] ?? null;
        if ($target !== null) {
            $minutes = $this->minutesTo($target['celsius'], $heat, $last);
            $said[] = match (true) {
                $last[1] >= $target['celsius'] => ['tone' => $said === [] ? 'good' : 'told', 'text' => \sprintf('%.1f °C: %s %.0f °C.', $last[1], $target['what'], $target['celsius'])],
                $minutes === null => ['tone' => 'told', 'text' => \sprintf('The model does not see this heat reach %.0f °C.', $target['celsius'])],
                default => ['tone' => 'told', 'text' => \sprintf('%.0f °C in about %s, by the model and the pace so far.', $target['celsius'], self::duration($minutes))],
            };
        }
        $lethality = $this->lethality($heat, $reference);
        if ($lethality !== null) {
            $said[] = ['tone' => 'told', 'text' => $lethality >= 1.0
                ? \sprintf('Heat on the egg so far: %s the pasteurisation of a %s by what this probe read. A guide beside the local code, never a proof.', $lethality > 20.0 ? 'over 20 ×' : \sprintf('%.1f ×', $lethality), (string) $heat->product)
                : \sprintf('Heat on the egg so far: %.0f %% of the pasteurisation of a %s. Not enough yet by what this probe read.', 100 * $lethality, (string) $heat->product)];
        } elseif ($heat->hasEgg && $heat->product === null) {
            $said[] = ['tone' => 'told', 'text' => 'Heat on the egg is not reckoned: no published pair of time and temperature speaks of egg with over 15 % sugar. Go by the temperature asked, and by your local code.'];
        }

        return $said;
    }

    /**
     * @param array{float, float} $last
     *
     * @return list<array{tone: 'alarm'|'good'|'told', text: string}>
     */
    private function cooling(StepHeat $heat, array $last): array
    {
        $said = [];
        $starts = $this->points[0];
        // The two hours begin when it passes 57 °C. One that was first read below it counts from then: nobody knows since when it was there.
        $isSeen = $starts[1] >= Figure::FoodCodeHot->number();
        $from = match (true) {
            $starts[1] <= Figure::FoodCodeWarm->number() => null,
            !$isSeen, $starts[1] <= Figure::FoodCodeHot->number() => $starts[0],
            default => $this->crosses(Figure::FoodCodeHot->number()) ?? $last[0] + ($this->minutesTo(Figure::FoodCodeHot->number(), $heat, $last) ?? 0.0),
        };
        if ($from !== null && $starts[1] > Figure::FoodCodeWarm->number()) {
            foreach ([[Figure::FoodCodeWarm->number(), 60 * Figure::FoodCodeWarmWithin->number()], [Figure::FoodCodeCold->number(), 60 * Figure::FoodCodeColdWithin->number()]] as [$celsius, $within]) {
                $crossed = $this->crosses($celsius);
                $ahead = $crossed === null ? $this->minutesTo($celsius, $heat, $last) : null;
                $took = ($crossed ?? ($ahead === null ? null : $last[0] + $ahead));
                $took = $took === null ? null : $took - $from;
                $passed = max(0.0, $last[0] - $from);
                $said[] = match (true) {
                    $crossed !== null && $took !== null && $took <= $within => ['tone' => 'good', 'text' => \sprintf('%.0f °C after %s, within %s.', $celsius, self::duration($took), self::duration($within))],
                    $crossed !== null => ['tone' => 'alarm', 'text' => \sprintf('%.0f °C only after %s; it must be there within %s. By the Food Code it is not served; ask the local rule.', $celsius, self::duration((float) $took), self::duration($within))],
                    $passed > $within => ['tone' => 'alarm', 'text' => \sprintf('%s and not at %.0f °C, which it must reach within %s. By the Food Code it is not served; ask the local rule.', self::duration($passed), $celsius, self::duration($within))],
                    // First read between 57 and 21 °C: nobody knows how long it has been there, so what is ahead is told, not judged.
                    !$isSeen && ($took === null || $took > $within) => ['tone' => 'told', 'text' => \sprintf('%.0f °C is %s; it must be there within %s of passing 57 °C, which this probe did not see.', $celsius, $took === null ? 'not in sight' : 'expected after ' . self::duration($took), self::duration($within))],
                    $took === null || $took > $within => ['tone' => 'alarm', 'text' => \sprintf('Too slow: %.0f °C is %s, and must be within %s. Spread it shallower, or stand it in ice water, now.', $celsius, $took === null ? 'not in sight' : 'expected after ' . self::duration($took), self::duration($within))],
                    default => ['tone' => 'told', 'text' => \sprintf('%.0f °C expected after %s, within %s.', $celsius, self::duration($took), self::duration($within))],
                };
            }
        } else {
            $minutes = $this->minutesTo(Figure::FoodCodeCold->number(), $heat, $last);
            $said[] = $last[1] <= Figure::FoodCodeCold->number() ? ['tone' => 'good', 'text' => \sprintf('%.1f °C: cold through.', $last[1])] : ['tone' => 'told', 'text' => $minutes === null ? 'Not cold through within what the model looks at.' : \sprintf('5 °C in about %s, by the model and the pace so far.', self::duration($minutes))];
        }
        usort($said, static fn(array $a, array $b): int => ($b['tone'] === 'alarm') <=> ($a['tone'] === 'alarm'));

        return $said;
    }

    /** Minute at which it fell to a temperature, between two readings by their line; null where it never did, or was below from the first. */
    private function crosses(float $celsius): ?float
    {
        $before = null;
        foreach ($this->points as $point) {
            if ($point[1] <= $celsius) {
                return $before === null ? null : $before[0] + ($point[0] - $before[0]) * ($celsius - $before[1]) / ($point[1] - $before[1]);
            }
            $before = $point;
        }

        return null;
    }

    /**
     * Minutes from the last reading to a temperature: the model's, by the pace that was seen against the model's so far.
     *
     * @param array{float, float} $last
     */
    private function minutesTo(float $celsius, StepHeat $heat, array $last): ?float
    {
        $there = $heat->reaches($celsius);
        $here = $heat->reaches($last[1]);
        if ($there === null || $here === null) {
            return null;
        }
        $pace = 1.0;
        $first = $this->points[0];
        $began = $heat->reaches($first[1]);
        if ($began !== null && abs($last[1] - $first[1]) >= self::PACE_FROM && $last[0] > $first[0] && $here > $began) {
            $pace = min(self::PACE_MOST, max(1.0 / self::PACE_MOST, ($last[0] - $first[0]) / (($here - $began) / 60)));
        }

        return max(0.0, $there - $here) / 60 * $pace;
    }

    private static function duration(float $minutes): string
    {
        $whole = (int) round($minutes);

        return match (true) {
            $minutes < 1.0 => '1 min',
            $whole < 60 => "$whole min",
            default => \sprintf('%d h%s', intdiv($whole, 60), $whole % 60 === 0 ? '' : \sprintf(' %d', $whole % 60)),
        };
    }
}
