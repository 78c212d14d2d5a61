<?php

declare(strict_types=1);

namespace Transmuta\Trial\Pots;

use Transmuta\Fault\Nonsense;
use Transmuta\Sensory\Just;
use Transmuta\Statistics\Normal;

/**
 * The dose that tastes right, from pots judged too little, right or too much: ordered probit on ln dose, how steep it is and where its middle lies unknown
 * (ln d ~ N(ln of the middle pot, 0.4²), ln slope ~ N(ln 4, 0.5²): ours, from memory), its posterior on a grid.
 */
final readonly class RightDose
{
    private const AROUND = 0.4;

    private const STEEP = [4.0, 0.5];

    private const STEP = 0.02;

    /** Half of what tastes right, in the unit of one judge's own scatter. */
    private const HALF = 0.5;

    /** @param list<array{float, float, float}> $chances of too little, right, too much, by pot */
    private function __construct(public float $dose, public float $low, public float $high, public array $chances) {}

    /**
     * @param list<float> $doses of the pots, rising
     * @param list<list<string>> $found what was said of each pot
     *
     * @throws Nonsense if nothing was said, or something else
     */
    public static function of(array $doses, array $found): self
    {
        $points = [];
        foreach ($found as $pot => $said) {
            foreach ($said as $one) {
                $points[] = [$pot, Just::tryFrom($one)?->side() ?? throw Nonsense::of("pots.$pot", $one, 'say too little, right or too much')];
            }
        }
        if ($points === []) {
            throw Nonsense::of('pots', 'nothing', 'say of at least one pot how it tastes');
        }
        $middle = log($doses[intdiv(\count($doses), 2)]);
        $grid = [];
        for ($d = $middle - 1.2; $d <= $middle + 1.2; $d += self::STEP) {
            for ($s = log(self::STEEP[0]) - 1.5; $s <= log(self::STEEP[0]) + 1.5; $s += 0.1) {
                $log = -0.5 * (($d - $middle) / self::AROUND) ** 2 - 0.5 * (($s - log(self::STEEP[0])) / self::STEEP[1]) ** 2;
                foreach ($points as [$pot, $said]) {
                    $log += log(max(1e-300, self::chance($said, exp($s) * (log($doses[$pot]) - $d))));
                }
                $grid[] = [$d, exp($s), exp($log)];
            }
        }
        $sum = array_sum(array_column($grid, 2));
        $by = [];
        foreach ($grid as [$d, , $weight]) {
            $by[(string) round($d, 6)] = ($by[(string) round($d, 6)] ?? 0.0) + $weight / $sum;
        }
        $at = static function (float $share) use ($by): float {
            $below = 0.0;
            foreach ($by as $d => $weight) {
                $below += $weight;
                if ($below >= $share) {
                    return exp((float) $d);
                }
            }

            return exp((float) array_key_last($by));
        };

        return new self($at(0.5), $at(0.025), $at(0.975), array_map(static function (float $dose) use ($grid, $sum): array {
            $chances = [0.0, 0.0, 0.0];
            foreach ($grid as [$d, $slope, $weight]) {
                foreach ([-1, 0, 1] as $n => $said) {
                    $chances[$n] += $weight / $sum * self::chance($said, $slope * (log($dose) - $d));
                }
            }

            return $chances;
        }, $doses));
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return ['dose' => ['value' => $this->dose, 'low' => $this->low, 'high' => $this->high], 'chances' => $this->chances];
    }

    private static function chance(int $said, float $v): float
    {
        return match ($said) {
            -1 => Normal::below(-self::HALF - $v),
            0 => Normal::below(self::HALF - $v) - Normal::below(-self::HALF - $v),
            default => 1.0 - Normal::below(self::HALF - $v),
        };
    }
}
