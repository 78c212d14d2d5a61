<?php

declare(strict_types=1);

namespace Transmuta\Kind;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Oven;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Shelf\Ingredient;

/** What one layer shows of itself, by which its kind is told: what it is made of, what is done to it, what it is called and where it stands. */
final readonly class Mass
{
    /** °C of serving below which a dish is eaten frozen. */
    private const FROZEN_BELOW = -2.0;

    /**
     * @param array<string, float> $classes g per 100 g before losses
     * @param array{water: float, fat: float, sugar: float, sugar-like: float, protein: float} $holds g per 100 g before losses; sugar-like with polyols and allulose
     * @param list<string> $treatments such as `bake`; `steam` besides, for an oven of steam
     * @param list<string> $operations of the maker's method, where it is written
     * @param string $called the name of the layer, and of the dish where there is one layer; lower case
     * @param float $whipped g per 100 g that holds air
     * @param float $loses % of its mass
     * @param float $ofDish % of the dish
     */
    private function __construct(
        public array $classes,
        public array $holds,
        public array $treatments,
        public array $operations,
        public string $called,
        public float $whipped,
        public float $loses,
        public int $lines,
        public float $ofDish,
        public bool $isTop,
        public bool $isFrozen,
    ) {}

    /**
     * @param list<list<Ingredient>> $ingredients of the understood lines, by layer
     * @param array<int, list<string>> $operations by layer, where a method is written
     *
     * @return list<self> one of each layer
     */
    public static function of(Formula $formula, array $ingredients, array $operations = []): array
    {
        $weights = array_map(static fn(Layer $layer): float => array_sum(array_map(static fn($line): float => $line->grams, $layer->understood())), $formula->layers);
        $whole = max(1e-9, array_sum($weights));
        $masses = [];
        foreach ($formula->layers as $n => $layer) {
            $masses[] = self::ofLayer($layer, $ingredients[$n] ?? [], $operations[$n] ?? [], [
                'called' => mb_strtolower($layer->name . (\count($formula->layers) === 1 ? ' ' . $formula->title : '')),
                'share' => 100 * $weights[$n] / $whole,
                'top' => $n > 0 && $n === \count($formula->layers) - 1,
                'frozen' => $formula->serveAt < self::FROZEN_BELOW || $layer->treatment->freezes(),
            ]);
        }

        return $masses;
    }

    /**
     * @param list<Ingredient> $of
     * @param list<string> $operations
     * @param array{called: string, share: float, top: bool, frozen: bool} $place
     */
    private static function ofLayer(Layer $layer, array $of, array $operations, array $place): self
    {
        $mass = max(1e-9, array_sum(array_map(static fn($line): float => $line->grams, $layer->understood())));
        $classes = [];
        $holds = ['water' => 0.0, 'fat' => 0.0, 'sugar' => 0.0, 'sugar-like' => 0.0, 'protein' => 0.0];
        $whipped = 0.0;
        foreach ($layer->understood() as $i => $line) {
            $in = $of[$i] ?? null;
            if ($in === null) {
                continue;
            }
            $share = 100 * $line->grams / $mass;
            $classes[$in->class] = ($classes[$in->class] ?? 0.0) + $share;
            $c = $in->composition;
            $sugar = $c->family('sugar.');
            foreach (['water' => $c->of100('water'), 'fat' => $c->family('fat.'), 'sugar' => $sugar, 'sugar-like' => $sugar + $c->family('polyol.') + $c->of100('allulose'), 'protein' => $c->family('protein.')] as $part => $of100) {
                $holds[$part] += $share * $of100 / 100;
            }
            $whipped += $in->does('foam-overrun') > 0.0 && ($line->has('whipped') || $layer->treatment->isWhipped()) ? $share : 0.0;
        }
        $left = $layer->loss === null ? $mass : $layer->loss->take($mass, ['water' => $holds['water'] / 100 * $mass])['mass'];

        return new self(
            $classes,
            $holds,
            [
                ...array_values(array_map(static fn(TreatmentKind $kind): string => $kind->value, array_filter(TreatmentKind::cases(), $layer->treatment->has(...)))),
                ...($layer->treatment->step(TreatmentKind::Bake)?->oven === Oven::Steam ? ['steam'] : []),
            ],
            $operations,
            $place['called'],
            $whipped,
            100 * (1.0 - $left / $mass),
            \count($layer->understood()),
            $place['share'],
            $place['top'],
            $place['frozen'],
        );
    }

    /** @param list<string> $classes */
    public function share(array $classes): float
    {
        return array_sum(array_intersect_key($this->classes, array_fill_keys($classes, true)));
    }
}
