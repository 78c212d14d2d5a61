<?php

declare(strict_types=1);

namespace Transmuta\Trial\Pots;

use Transmuta\Fault\Nonsense;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;

/**
 * What a layer sets to as one of its lines is dosed otherwise and everything else is kept: GE % of the mechanism the line works by, and of all the
 * others, by dose (g of the line, or of both lines that are stepped together, in 100 g of the layer).
 */
final readonly class DoseCurve
{
    private const POINTS = 60;

    /** Share of a mechanism that goes with a line whose own it is: what sugar alone does to the others is less. */
    private const OWN = 0.25;

    /** GE % under which it sets nothing that is seen. */
    private const SEEN = 0.05;

    /** Times the line's own dose that are looked at. */
    private const RANGE = [0.2, 5.0];

    /**
     * @param list<float> $doses rising
     * @param list<array<string, float>> $parts GE % by mechanism, at each
     */
    private function __construct(public string $mechanism, public float $dose, public array $doses, private array $parts) {}

    /**
     * @param non-empty-list<int> $lines places of the lines that are dosed together; the first names the mechanism
     *
     * @throws Nonsense if the first sets nothing here
     */
    public static function of(LayerReading $layer, array $lines, Reader $reader, float $celsius): self
    {
        $state = $layer->state;
        $mechanism = self::mechanism($state, $lines[0], $reader, $celsius);
        if ($mechanism === null) {
            throw Nonsense::of('line', $state->model->portions[$lines[0]]->ingredient->name, 'choose a line that sets the layer as it is treated: gelatin, agar that is boiled, starch that is cooked, egg, a gum…');
        }
        $doses = $parts = [];
        for ($i = 0; $i < self::POINTS; ++$i) {
            $factor = self::RANGE[0] * (self::RANGE[1] / self::RANGE[0]) ** ($i / (self::POINTS - 1));
            $at = self::dosed($state, $lines, $factor);
            $doses[] = self::share($at, $lines);
            $parts[] = array_filter($reader->set->mechanisms($at, $celsius), static fn(float $ge): bool => $ge > 0.0);
        }

        return new self($mechanism, self::share($state, $lines), $doses, $parts);
    }

    /**
     * By a formula rather than a layer.
     *
     * @param list<float> $doses rising
     * @param \Closure(float): float $own GE % by dose
     */
    public static function by(string $mechanism, array $doses, \Closure $own, float $rest = 0.0): self
    {
        return new self($mechanism, $doses[intdiv(\count($doses), 2)] ?? 0.0, $doses, array_map(static fn(float $dose): array => [$mechanism => $own($dose), 'other' => $rest], $doses));
    }

    /**
     * As {@see write} kept it.
     *
     * @param array{mechanism: string, dose: float, doses: list<float>, parts: list<array<string, float>>} $kept
     */
    public static function read(array $kept): self
    {
        return new self($kept['mechanism'], $kept['dose'], $kept['doses'], $kept['parts']);
    }

    /** @return array{mechanism: string, dose: float, doses: list<float>, parts: list<array<string, float>>} */
    public function write(): array
    {
        return ['mechanism' => $this->mechanism, 'dose' => $this->dose, 'doses' => $this->doses, 'parts' => $this->parts];
    }

    /** GE % at a dose where the mechanism is this much stronger than the reading says. */
    public function ge(float $dose, float $factor = 1.0): float
    {
        $parts = $this->parts($dose);

        return array_sum($parts) + ($factor - 1.0) * ($parts[$this->mechanism] ?? 0.0);
    }

    /** @return array<string, float> GE % by mechanism at a dose */
    public function parts(float $dose): array
    {
        [$i, $t] = $this->place($dose);
        $parts = [];
        foreach (array_keys($this->parts[$i] + $this->parts[$i + 1]) as $name) {
            $parts[$name] = (1 - $t) * ($this->parts[$i][$name] ?? 0.0) + $t * ($this->parts[$i + 1][$name] ?? 0.0);
        }

        return $parts;
    }

    /** Dose at which it comes to a GE; null beyond what is looked at. */
    public function dose(float $ge, float $factor = 1.0): ?float
    {
        $last = \count($this->doses) - 1;
        if ($this->ge($this->doses[0], $factor) > $ge || $this->ge($this->doses[$last], $factor) < $ge) {
            return null;
        }
        [$low, $high] = [$this->doses[0], $this->doses[$last]];
        for ($i = 0; $i < 50; ++$i) {
            $middle = ($low + $high) / 2;
            if ($this->ge($middle, $factor) < $ge) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * g of the lines in 100 g of the layer.
     *
     * @param list<int> $lines
     */
    public static function share(LayerState $state, array $lines): float
    {
        return array_sum(array_map(static fn(int $line): float => $state->share[$line], $lines));
    }

    /**
     * The layer with some lines weighed otherwise and the others as they are.
     *
     * @param list<int> $lines
     */
    private static function dosed(LayerState $state, array $lines, float $factor): LayerState
    {
        $grams = $state->grams;
        foreach ($lines as $line) {
            $grams[$line] *= $factor;
        }

        return LayerState::of($state->model, array_values($grams));
    }

    /** What of the set goes most as the line goes; null where it sets nothing here. */
    public static function mechanism(LayerState $state, int $line, Reader $reader, float $celsius): ?string
    {
        $with = $reader->set->mechanisms($state, $celsius);
        $without = $reader->set->mechanisms($state->without($line), $celsius);
        $most = null;
        foreach ($with as $name => $ge) {
            $gives = $ge - ($without[$name] ?? 0.0);
            if ($gives > max(self::SEEN, self::OWN * $ge) && ($most === null || $gives > $most[1])) {
                $most = [$name, $gives];
            }
        }

        return $most[0] ?? null;
    }

    /** @return array{int, float} the point below and how far to the next, 0…1 */
    private function place(float $dose): array
    {
        $last = \count($this->doses) - 2;
        [$low, $high] = [0, $last];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->doses[$middle] <= $dose) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return [$low, max(0.0, min(1.0, ($dose - $this->doses[$low]) / max(1e-12, $this->doses[$low + 1] - $this->doses[$low])))];
    }
}
