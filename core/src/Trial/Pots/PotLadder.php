<?php

declare(strict_types=1);

namespace Transmuta\Trial\Pots;

use Transmuta\Fault\Nonsense;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\Ripening;
use Transmuta\Reference\Figure;
use Transmuta\Sensory\Codes;
use Transmuta\Sensory\Dice;

/**
 * The bench test of a dose: one base, three to five small pots with one line, or two lines together, at stepped doses on both sides of what is wanted,
 * coded, judged blind. What is too little to be weighed goes in as a stock made with some of the layer's own liquid, and every pot gets as much liquid.
 */
final readonly class PotLadder
{
    public const POTS = [3, 5];

    public const STEPS = [1.15, 1.6];

    private const POT_GRAMS = [30.0, 500.0];

    /** Strengths of a stock, g of the agent in 1 g, weakest first. */
    private const STOCKS = [0.01, 0.02, 0.04, 0.05, 0.1, 0.2];

    /**
     * @param list<array{ingredient: string, name: string, share: float}> $agents what is stepped, share 0…1 of all that is
     * @param list<array{ingredient: string, name: string, grams: float}> $base what all pots share
     * @param ?array{strength: float, agent: float, liquid: float, grams: float} $stock g of agents and liquid, with a little over
     * @param list<array{code: int, dose: float, agent: float, base: float, stock: ?float, liquid: ?float, foretold: ?float, foretold_word: ?string, unsure: float}> $pots by dose: g of each, GE % foretold, share by which a weighing may be off
     * @param list<int> $order codes in the order they are judged
     */
    private function __construct(
        public Asked $asked,
        public ?DoseCurve $curve,
        public array $agents,
        public int $wanted,
        public float $potGrams,
        public array $base,
        public ?string $liquid,
        public ?array $stock,
        public array $pots,
        public array $order,
        public float $hours,
    ) {}

    /**
     * @param list<int> $lines places of the one or two lines that are stepped
     * @param int $wanted step of the ladder, 1…5, where the set is asked for
     *
     * @throws Nonsense naming what cannot be meant
     */
    public static function of(Asked $asked, LayerReading $layer, array $lines, Reader $reader, float $celsius, int $wanted, PotSeries $series): self
    {
        [$count, $step, $pot] = [$series->count, $series->step, $series->pot];
        $state = $layer->state;
        $lines = self::checked($lines, $layer, $count, $step, $pot);
        $curve = null;
        $middle = DoseCurve::share($state, $lines);
        if ($asked === Asked::Set) {
            if ($wanted < 1 || $wanted > 5) {
                throw Nonsense::of('wanted', (string) $wanted, 'want a step from 1 (coats a spoon) to 5 (clean slice): both sides of it have to be seen');
            }
            $curve = DoseCurve::of($layer, $lines, $reader, $celsius);
            $middle = $curve->dose(Ladder::ge($wanted + 0.5)) ?? throw Nonsense::of('wanted', Ladder::WORDS[$wanted], 'between a fifth and five times its dose this line does not bring the layer there; want another step or step another line');
        }
        $agents = array_map(static fn(int $n): float => $middle * $step ** ($n - ($count - 1) / 2) * $pot / 100, range(0, $count - 1));
        [$liquid, $liquidShare] = self::liquid($state, $lines);
        $stock = $liquid === null || $agents[0] >= Figure::ScaleWeighable->number() * Figure::ScaleShows->number() ? null : self::stock(end($agents), $liquidShare * $pot / 100, $middle * $pot / 100);
        $pots = self::pots($agents, $pot, $stock, $curve, new Codes(new Dice($series->seed)));
        $held = $stock === null ? 0.0 : end($agents) / $stock / $pot * 100;

        return new self(
            $asked,
            $curve,
            array_map(static fn(int $line): array => ['ingredient' => $state->model->portions[$line]->ingredient->id, 'name' => $state->model->portions[$line]->ingredient->name, 'share' => $state->share[$line] / DoseCurve::share($state, $lines)], $lines),
            $wanted,
            $pot,
            self::base($state, $lines, $liquid, array_sum(array_column($pots, 'base')), $held),
            $liquid === null ? null : $state->model->portions[$liquid]->ingredient->name,
            $stock === null ? null : self::made($stock, array_sum(array_column($pots, 'stock'))),
            $pots,
            (new Dice($series->seed + 1))->shuffled(array_column($pots, 'code')),
            isset($layer->set->mechanisms['gelatin']) ? Ripening::MARKS[2] : Ripening::MARKS[1],
        );
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return [
            'asked' => $this->asked->value, 'mechanism' => $this->curve?->mechanism, 'agents' => $this->agents, 'wanted' => $this->wanted, 'pot_g' => $this->potGrams, 'base' => $this->base, 'liquid' => $this->liquid, 'stock' => $this->stock,
            'pots' => $this->pots, 'order' => $this->order, 'hours' => $this->hours,
        ];
    }

    /**
     * @param list<int> $lines
     *
     * @return non-empty-list<int>
     */
    private static function checked(array $lines, LayerReading $layer, int $count, float $step, float $pot): array
    {
        if ($lines === [] || \count($lines) > 2 || \count(array_unique($lines)) !== \count($lines)) {
            throw Nonsense::sent('lines', $lines, 'step one line, or two together');
        }
        foreach ($lines as $n => $line) {
            if (($layer->state->grams[$line] ?? 0.0) <= 0.0) {
                throw Nonsense::of("lines.$n", (string) $line, 'choose a line of the layer that is weighed');
            }
        }
        if ($count < self::POTS[0] || $count > self::POTS[1]) {
            throw Nonsense::of('pots', (string) $count, 'make three to five pots');
        }
        if ($step < self::STEPS[0] || $step > self::STEPS[1]) {
            throw Nonsense::of('step', (string) $step, \sprintf('step the dose by %g to %g times', ...self::STEPS));
        }
        if ($pot < self::POT_GRAMS[0] || $pot > self::POT_GRAMS[1]) {
            throw Nonsense::of('pot_g', (string) $pot, \sprintf('fill a pot with %g to %g g', ...self::POT_GRAMS));
        }

        return $lines;
    }

    /**
     * @param list<float> $agents g of what is stepped, by pot
     *
     * @return list<array{code: int, dose: float, agent: float, base: float, stock: ?float, liquid: ?float, foretold: ?float, foretold_word: ?string, unsure: float}>
     */
    private static function pots(array $agents, float $pot, ?float $stock, ?DoseCurve $curve, Codes $codes): array
    {
        $most = $stock === null ? 0.0 : max([0.0, ...$agents]) / $stock;

        return array_map(static function (float $agent) use ($pot, $stock, $curve, $codes, $most): array {
            $weighed = $stock === null ? $agent : $agent / $stock;
            $ge = $curve?->ge($agent / $pot * 100);

            return [
                'code' => $codes->next(), 'dose' => $agent / $pot * 100, 'agent' => $agent, 'base' => $pot - ($stock === null ? $agent : $most), 'stock' => $stock === null ? null : $weighed, 'liquid' => $stock === null ? null : $most - $weighed,
                'foretold' => $ge, 'foretold_word' => $ge === null ? null : Ladder::word($ge), 'unsure' => Figure::ScaleShows->number() / 2 / max(Figure::ScaleShows->number(), $weighed),
            ];
        }, $agents);
    }

    /**
     * The weakest stock whose largest part the liquid can give.
     *
     * @param float $most g of what is stepped in the fullest pot
     * @param float $liquid g of it a pot
     * @param float $own g of what is stepped that a pot would have in the middle
     */
    private static function stock(float $most, float $liquid, float $own): ?float
    {
        foreach (self::STOCKS as $strength) {
            if ($most / $strength - $own <= Figure::StockOfLiquid->number() * $liquid) {
                return $strength;
            }
        }

        return null;
    }

    /**
     * @param list<int> $lines
     *
     * @return array{?int, float} place of the line that carries a stock, and its g in 100 g of the layer
     */
    private static function liquid(LayerState $state, array $lines): array
    {
        $most = [null, 0.0];
        foreach ($state->model->portions as $n => $portion) {
            $share = $state->share[$n];
            if (!\in_array($n, $lines, true) && !$portion->infused && ($portion->ingredient->composition->parts['water'] ?? 0.0) >= Figure::StockLiquid->number() && $share > $most[1]) {
                $most = [$n, $share];
            }
        }

        return $most;
    }

    /**
     * @param list<int> $lines
     * @param float $mass g of base for all pots
     * @param float $held g of liquid in 100 g of a pot that goes in with the stock
     *
     * @return list<array{ingredient: string, name: string, grams: float}>
     */
    private static function base(LayerState $state, array $lines, ?int $liquid, float $mass, float $held): array
    {
        $shares = [];
        foreach ($state->model->portions as $n => $portion) {
            if (!\in_array($n, $lines, true) && !$portion->infused) {
                $shares[$n] = max(0.0, $state->share[$n] - ($n === $liquid ? $held : 0.0));
            }
        }
        $sum = array_sum($shares);
        $base = [];
        foreach ($shares as $n => $share) {
            $in = $state->model->portions[$n]->ingredient;
            if ($share > 0.0) {
                $base[] = ['ingredient' => $in->id, 'name' => $in->name, 'grams' => $mass * $share / $sum];
            }
        }

        return $base;
    }

    /** @return array{strength: float, agent: float, liquid: float, grams: float} a tenth over, for what clings */
    private static function made(float $strength, float $needed): array
    {
        $grams = ceil(1.1 * $needed);

        return ['strength' => $strength, 'agent' => $strength * $grams, 'liquid' => (1 - $strength) * $grams, 'grams' => $grams];
    }
}
