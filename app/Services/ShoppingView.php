<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\PriceList;
use App\Models\Service;
use Transmuta\Format\Csv;
use Transmuta\Process\Shopping\Bought;
use Transmuta\Process\Shopping\Shopping;
use Transmuta\Quantity\Scale;

/** What is bought for a service, of the latest list of each supplier. */
final readonly class ShoppingView
{
    public function __construct(private Planning $planning) {}

    /** @return array<string, mixed> */
    public function of(Service $service): array
    {
        $bought = $this->bought($service);
        $sums = [];
        foreach ($bought as $one) {
            foreach ($one->packs as $pack) {
                $sums[$pack['article']->supplier] = ($sums[$pack['article']->supplier] ?? 0) + $pack['packs'] * $pack['article']->minor;
            }
        }
        $lists = PriceList::latest($service->studio_id);

        return [
            'minor' => array_sum($sums),
            'suppliers' => array_map(static fn(PriceList $list): array => ['supplier' => $list->supplier, 'dated_on' => $list->dated_on, 'minor' => $sums[$list->supplier] ?? 0], $lists),
            'rows' => array_map(static fn(Bought $one): array => [
                'ingredient' => $one->ingredient, 'name' => $one->name, 'wanted' => Scale::shown($one->wanted), 'grams' => Scale::shown($one->grams), 'parts' => array_map(static fn(array $part): array => ['name' => $part['name'], 'grams' => Scale::shown($part['grams'])], $one->parts), 'minor' => $one->minor, 'left' => Scale::shown($one->left()),
                'packs' => array_map(static fn(array $pack): array => ['packs' => $pack['packs'], 'name' => $pack['article']->name, 'grams' => $pack['article']->grams, 'minor' => $pack['article']->minor, 'supplier' => $pack['article']->supplier], $one->packs),
                'only_for' => $one->onlyFor,
            ], $bought),
        ];
    }

    public function csv(Service $service): string
    {
        $rows = [['supplier', 'ingredient', 'for its', 'to buy g', 'packs', 'pack', 'pack g', 'cost minor', 'left over g', 'only for']];
        foreach ($this->bought($service) as $one) {
            $own = [$one->name, implode(', ', array_map(static fn(array $part): string => Scale::shown($part['grams']) . ' g ' . $part['name'], $one->parts)), (string) Scale::shown($one->grams)];
            $end = [(string) Scale::shown($one->left()), implode(' ', $one->onlyFor)];
            foreach ($one->packs as $pack) {
                $rows[] = [$pack['article']->supplier, ...$own, (string) $pack['packs'], $pack['article']->name, (string) $pack['article']->grams, (string) ($pack['packs'] * $pack['article']->minor), ...$end];
            }
            if ($one->packs === []) {
                $rows[] = ['', ...$own, '', 'on no list', '', '', ...$end];
            }
        }

        return Csv::write($rows);
    }

    /** @return list<Bought> */
    private function bought(Service $service): array
    {
        return Shopping::of($this->planning->forDiets($service), array_merge(...array_map(static fn(PriceList $list): array => $list->sold(), PriceList::latest($service->studio_id))));
    }
}
