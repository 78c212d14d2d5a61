<?php

declare(strict_types=1);

namespace Transmuta\Process\Costing;

use Transmuta\Process\Shopping\Article;

/** What things cost as of a day: of each supplier the latest list that was there then, and of several packs the one that is cheapest by mass. */
final readonly class Prices
{
    /** @param array<string, array{minor_per_kg: float, supplier: string, name: string, dated_on: string}> $by by ingredient, or by what is bought whole */
    private function __construct(private array $by) {}

    /**
     * @param list<array{supplier: string, dated_on: string, articles: list<Article>}> $lists in any order
     * @param string $day year-month-day; what is dated later is not known yet
     */
    public static function of(array $lists, string $day): self
    {
        $latest = [];
        foreach ($lists as $list) {
            if ($list['dated_on'] <= $day && ($latest[$list['supplier']]['dated_on'] ?? '') < $list['dated_on']) {
                $latest[$list['supplier']] = $list;
            }
        }
        ksort($latest);
        $by = [];
        foreach ($latest as $list) {
            foreach ($list['articles'] as $article) {
                $per = 1000 * $article->minor / $article->grams;
                if (!isset($by[$article->ingredient]) || $per < $by[$article->ingredient]['minor_per_kg']) {
                    $by[$article->ingredient] = ['minor_per_kg' => $per, 'supplier' => $list['supplier'], 'name' => $article->name, 'dated_on' => $list['dated_on']];
                }
            }
        }

        return new self($by);
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @return ?array{minor_per_kg: float, supplier: string, name: string, dated_on: string} null where nobody sells it */
    public function at(string $ingredient): ?array
    {
        return $this->by[$ingredient] ?? null;
    }
}
