<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\PriceList;
use App\Models\Studio;
use App\Models\Version;
use Closure;
use Transmuta\Process\Costing\Cost;
use Transmuta\Process\Costing\CostChange;
use Transmuta\Process\Costing\Costing;
use Transmuta\Process\Costing\CostLine;
use Transmuta\Process\Costing\Prices;
use Transmuta\Process\Making\Making;
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
        $rates = $studio->rates();
        $costing = Costing::at($this->making, $rates->labour === null ? null : (float) $rates->labour, $rates->energy === null ? null : (float) $rates->energy, (float) $rates->packaging);
        $dish = $this->read($version);
        $cost = $costing->of($dish, $prices);
        $price = $version->sells_minor;
        $without = $price === null ? null : $rates->withoutTax($price);
        $left = $without === null ? null : $without - $cost->portion();

        return [
            ...$cost->write($studio->currency), 'portions' => $dish->formula->portions,
            'lines' => array_map($this->line(...), $cost->lines),
            'unpriced' => array_map($this->name(...), $cost->unpriced),
            'as_of' => $day, 'dates' => array_values(array_unique(array_column($lists, 'dated_on'))),
            'since' => $since === null ? null : ['date' => $since, ...$this->change($costing->of($dish, Prices::of($lists, $since)), $cost)],
            'beside' => $this->beside($version, fn(Version $other): Cost => $other->id === $version->id ? $cost : $costing->of($this->read($other), $prices)),
            'rates' => $rates->write(), 'assumed' => $costing->rates(),
            'sells_minor' => $price, 'said' => $version->said, 'studio_revision' => $studio->revision,
            'left_minor' => $left, 'left_percent' => $left === null || $without <= 0 ? null : 100 * $left / $without,
        ];
    }

    private function read(Version $version): DishReading
    {
        return $this->shelves->engine($version)->read($version->formula);
    }

    private function name(string $ingredient): string
    {
        return $this->shelf->shelf()->find($ingredient)->name ?? $ingredient;
    }

    /** @return array<string, mixed> */
    private function line(CostLine $line): array
    {
        return [
            ...$line->write(), 'name' => $this->name($line->ingredient),
            'by' => $line->by === null ? null : ['supplier' => $line->by['supplier'], 'article' => $line->by['name'], 'dated_on' => $line->by['dated_on'], 'minor_per_kg' => $line->by['minor_per_kg']],
        ];
    }

    /** @return array<string, mixed> */
    private function change(Cost $before, Cost $now): array
    {
        $change = CostChange::of($before, $now);

        return ['portion_minor' => $before->portion(), 'percent' => $change['percent'], 'because' => array_map(fn(array $one): array => [...$one, 'name' => $this->name($one['ingredient'])], $change['because'])];
    }

    /**
     * @param Closure(Version): Cost $cost
     *
     * @return list<array{version_id: int, version: string, portion_minor: int, unpriced: int}> every version of the dish, so that diets stand beside each other
     */
    private function beside(Version $version, Closure $cost): array
    {
        $query = Version::query()->with('dish');
        $query->where('dish_id', $version->dish_id)->orderBy('id');

        return array_values($query->get()->map(static function (Version $other) use ($cost): array {
            $of = $cost($other);

            return ['version_id' => $other->id, 'version' => $other->name, 'portion_minor' => $of->portion(), 'unpriced' => \count($of->unpriced)];
        })->all());
    }
}
