<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\PriceList;
use App\Models\Studio;
use App\Models\Version;
use Transmuta\Process\Costing\Cost;
use Transmuta\Process\Costing\CostChange;
use Transmuta\Process\Costing\Costing;
use Transmuta\Process\Costing\CostLine;
use Transmuta\Process\Costing\Prices;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Shopping\Wholes;
use Transmuta\Property\DishReading;

/** What a version costs by the prices of a day, what changed since another, and what is left of what it sells for. */
final readonly class CostView
{
    public function __construct(private VersionShelf $shelves, private StudioShelf $shelf, private Making $making) {}

    /** @return array<string, mixed> */
    public function of(Studio $studio, Version $version, string $day, ?string $since): array
    {
        $query = PriceList::query();
        $query->where('studio_id', $studio->id)->orderBy('dated_on');
        $lists = array_values($query->get()->map(static fn(PriceList $one): array => ['supplier' => $one->supplier, 'dated_on' => $one->dated_on, 'articles' => $one->sold()])->all());
        $prices = Prices::of($lists, $day);
        $dish = $this->read($version);
        $cost = $this->cost($studio, $dish, $prices);
        $rates = $studio->rates();
        $price = $version->sells_minor;
        $left = $price === null ? null : $rates->withoutTax($price) - $cost->portion();

        return [
            ...$cost->write($studio->currency), 'portions' => $dish->formula->portions,
            'lines' => array_map($this->line(...), $cost->lines),
            'unpriced' => array_map(fn(string $id): string => $this->shelf->shelf()->find($id)->name ?? $id, $cost->unpriced),
            'as_of' => $day, 'dates' => array_values(array_unique(array_column($lists, 'dated_on'))),
            'since' => $since === null ? null : ['date' => $since, ...$this->change($this->cost($studio, $dish, Prices::of($lists, $since)), $cost)],
            'beside' => $this->beside($studio, $version, $prices),
            'rates' => $rates->write(), 'assumed' => $this->rates($studio),
            'sells_minor' => $price, 'said' => $version->said, 'studio_revision' => $studio->revision,
            'left_minor' => $left, 'left_percent' => $price === null || $rates->withoutTax($price) <= 0 ? null : 100 * $left / $rates->withoutTax($price),
        ];
    }

    private function read(Version $version): DishReading
    {
        return $this->shelves->engine($version)->read($version->formula);
    }

    private function cost(Studio $studio, DishReading $dish, Prices $prices): Cost
    {
        return $this->costing($studio)->of($dish, $prices);
    }

    private function costing(Studio $studio): Costing
    {
        $rates = $studio->rates();

        return Costing::at($this->making, $rates->labour === null ? null : (float) $rates->labour, $rates->energy === null ? null : (float) $rates->energy, (float) $rates->packaging);
    }

    /** @return array{labour: float, energy: float} what is reckoned with where nobody has said */
    private function rates(Studio $studio): array
    {
        return $this->costing($studio)->rates();
    }

    /** @return array<string, mixed> */
    private function line(CostLine $line): array
    {
        return [
            ...$line->write(), 'name' => $this->shelf->shelf()->find($line->ingredient)->name ?? $line->ingredient,
            'by' => $line->by === null ? null : ['supplier' => $line->by['supplier'], 'article' => $line->by['name'], 'dated_on' => $line->by['dated_on'], 'minor_per_kg' => $line->by['minor_per_kg']],
        ];
    }

    /** @return array<string, mixed> */
    private function change(Cost $before, Cost $now): array
    {
        $change = CostChange::of($before, $now);

        return ['portion_minor' => $before->portion(), 'percent' => $change['percent'], 'because' => array_map(fn(array $one): array => [...$one, 'name' => $this->shelf->shelf()->find($one['ingredient'])->name ?? Wholes::name($one['ingredient'])], $change['because'])];
    }

    /** @return list<array{version_id: int, version: string, portion_minor: int, unpriced: int}> every version of the dish, so that diets stand beside each other */
    private function beside(Studio $studio, Version $version, Prices $prices): array
    {
        $query = Version::query()->with('dish');

        $query->where('dish_id', $version->dish_id)->orderBy('id');

        return array_values($query->get()->map(function (Version $other) use ($studio, $prices): array {
            $cost = $this->cost($studio, $this->read($other), $prices);

            return ['version_id' => $other->id, 'version' => $other->name, 'portion_minor' => $cost->portion(), 'unpriced' => \count($cost->unpriced)];
        })->all());
    }
}
