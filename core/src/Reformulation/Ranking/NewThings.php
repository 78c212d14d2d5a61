<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Ranking;

use Transmuta\Property\DishReading;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Tier;
use Transmuta\Shelf\Tiers;

/** What has to be bought for a route that the dish had not, and where: water, salt and more of what is there are nothing new. */
final readonly class NewThings
{
    /** @param list<Ingredient> $all each once, in the order of the layers */
    private function __construct(public array $all, private string $market) {}

    /** @param string $market where the studio buys */
    public static function of(DishReading $original, DishReading $result, string $market): self
    {
        $had = $original->ingredients();
        $new = array_filter($result->ingredients(), static fn(Ingredient $in): bool => !isset($had[$in->id]) && $in->class !== 'water' && $in->composition->of100('salt') < 90.0);

        return new self(array_values($new), $market);
    }

    /** The shop furthest away that has to be gone to; the grocer's where nothing new is needed. */
    public function hardest(): Tier
    {
        return array_reduce($this->all, fn(Tier $hardest, Ingredient $in): Tier => $this->tier($in)->value > $hardest->value ? $this->tier($in) : $hardest, Tier::Grocer);
    }

    public function tier(Ingredient $in): Tier
    {
        return Tiers::of($in, $this->market);
    }

    /** @return list<array{ingredient: string, name: string, tier: int, where: string}> what is to be bought and where, the shop furthest away last */
    public function toBuy(): array
    {
        $all = array_map(fn(Ingredient $in): array => ['ingredient' => $in->id, 'name' => $in->name, 'tier' => $this->tier($in)->value, 'where' => $this->tier($in)->words()], $this->all);
        usort($all, static fn(array $a, array $b): int => $a['tier'] <=> $b['tier']);

        return $all;
    }

    /** Points of fit that the buying and the weighing of them cost. */
    public function cost(): float
    {
        $cost = 0.0;
        foreach ($this->all as $in) {
            $cost += Weights::of('score.thing') + match ($this->tier($in)) {
                Tier::Grocer => 0.0,
                Tier::Baker => Weights::of('score.baker'),
                Tier::Supplier => Weights::of('score.supplier'),
                Tier::Laboratory => Weights::of('score.laboratory'),
            };
        }

        return $cost;
    }
}
