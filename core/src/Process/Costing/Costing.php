<?php

declare(strict_types=1);

namespace Transmuta\Process\Costing;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Line;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Making\Station;
use Transmuta\Process\Shopping\Wholes;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Table;

/**
 * What a dish costs to make: what is bought at the shelf's prices with peel and shell counted in, hands by the making's own minutes, energy by the time the
 * oven and the hob are on. Rates are examples from memory (`core/data/process/cost.csv`) until a kitchen says its own.
 */
final readonly class Costing
{
    private const MOST = 1e7;

    /** @param array<string, float> $rates by their names in cost.csv */
    private function __construct(private Making $making, private array $rates, private float $packaging) {}

    /**
     * @param ?float $labour minor units an hour
     * @param ?float $energy minor units a kWh
     * @param float $packaging minor units a portion
     *
     * @throws Nonsense if a rate is below nothing
     */
    public static function at(Making $making, ?float $labour = null, ?float $energy = null, float $packaging = 0.0): self
    {
        $rates = [];
        foreach (Table::of('process/cost') as $row) {
            $rates[$row['name']] = (float) $row['value'];
        }
        foreach (['labour' => $labour, 'energy' => $energy, 'packaging' => $packaging] as $name => $rate) {
            if ($rate !== null && ($rate < 0.0 || $rate > self::MOST)) {
                throw Nonsense::of($name, (string) $rate, 'give minor units, from 0 to ' . (int) self::MOST);
            }
        }

        return new self($making, ['labour' => $labour ?? $rates['labour'], 'energy' => $energy ?? $rates['energy']] + $rates, $packaging);
    }

    /** @return array{labour: float, energy: float} minor units an hour, minor units a kWh */
    public function rates(): array
    {
        return ['labour' => $this->rates['labour'], 'energy' => $this->rates['energy']];
    }

    /** @param ?Prices $prices of suppliers, which come before the shelf’s own; null to reckon by the shelf alone */
    public function of(DishReading $dish, ?Prices $prices = null): Cost
    {
        $wholes = Wholes::standard();
        $lines = $unpriced = [];
        foreach ($dish->layers as $layer) {
            foreach ($layer->layer->understood() as $i => $line) {
                $in = $layer->state->model->portions[$i]->ingredient;
                // The shelf's price is of what is used: what is bought whole is dearer by what is thrown away of it.
                $whole = $wholes->wholeOf($in->id);
                $bought = $whole === null ? $line->grams : $wholes->grams([$in->id => $line->grams]);
                $sold = $prices?->at($in->id);
                $soldWhole = $sold === null && $whole !== null ? $prices?->at($whole) : null;
                if ($in->priceMinorPerKg === null && $sold === null && $soldWhole === null) {
                    $unpriced[] = $in->id;
                }
                $minor = match (true) {
                    $sold !== null => $sold['minor_per_kg'] * $line->grams,
                    $soldWhole !== null => $soldWhole['minor_per_kg'] * $bought,
                    default => ($in->priceMinorPerKg ?? 0) * $line->grams,
                };
                $lines[] = new CostLine($in->id, $sold !== null ? $line->grams : $bought, (int) round($minor / 1000), $sold ?? $soldWhole);
            }
        }
        $hands = $oven = $hob = 0.0;
        foreach ($this->making->of($dish) as $step) {
            $hands += $step->hands;
            $oven += $step->station === Station::Oven ? $step->hands + $step->wait->best : 0.0;
            $hob += $step->station === Station::Hob ? $step->hands : 0.0;
        }
        $kwh = ($oven > 0.0 ? ($oven + ProcessBook::standard()->value('preheat-min')) * $this->rates['oven'] : 0.0) / 60 + $hob * $this->rates['hob'] / 60;

        return new Cost(
            $lines,
            (int) round($hands / 60 * $this->rates['labour']),
            (int) round($kwh * $this->rates['energy']),
            (int) round($this->packaging * $dish->formula->portions),
            $dish->formula->portions,
            array_values(array_unique([...$unpriced, ...array_map(static fn(Line $line): string => $line->text, $dish->formula->unresolved())])),
        );
    }
}
