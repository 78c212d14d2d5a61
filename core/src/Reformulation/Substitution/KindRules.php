<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Property\LayerReading;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;

/** What may come into a mass of a kind, and how much of it (`core/data/substitution/never.csv`). What the maker put there himself may always be there. */
final readonly class KindRules
{
    /**
     * @param string $kind a key of `method/kinds`; '' where it is not known
     * @param array<string, float> $had g of each class and id of the original layer
     * @param float $mass of the layer before losses, g
     * @param bool $asksProtein whether the brief asks for protein
     */
    private function __construct(private string $kind, private array $had, private float $mass, private bool $asksProtein) {}

    public static function of(string $kind, LayerReading $layer, bool $asksProtein): self
    {
        $had = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            if ($layer->state->grams[$i] > 0.0) {
                foreach (array_unique([$portion->ingredient->class, $portion->ingredient->id]) as $key) {
                    $had[$key] = ($had[$key] ?? 0.0) + $layer->state->grams[$i];
                }
            }
        }

        return new self($kind, $had, $layer->state->mixed, $asksProtein);
    }

    /** Most that may come in, g; null where nothing limits it. */
    public function most(Ingredient $in): ?float
    {
        $had = max($this->had[$in->class] ?? 0.0, $this->had[$in->id] ?? 0.0);
        $most = null;
        foreach ([...self::table()['any'], ...self::table()[$this->kind] ?? []] as $row) {
            $isOf = \in_array($in->class, $row['things'], true) || \in_array($in->id, $row['things'], true);
            // What the maker has put there himself may be there; of what a spoon is right, no more than that or his own.
            if ($isOf && !($had > 0.0 && $row['most'] <= 0.0) && !$this->isExcepted($row['unless'])) {
                $most = min($most ?? \INF, max($had, $row['most'] / 100 * $this->mass));
            }
        }

        return $most;
    }

    private function isExcepted(string $unless): bool
    {
        return match ($unless) {
            'protein-asked' => $this->asksProtein,
            // Something set it before that a gel may stand in for.
            'gelled' => array_intersect_key($this->had, array_flip(['gelatin', 'gel-agent', 'starch', 'jelly-crystals', 'custard-powder', 'egg-yolk', 'whole-egg', 'egg-white'])) !== [],
            default => false,
        };
    }

    public function bars(Ingredient $in): bool
    {
        return $this->most($in) === 0.0;
    }

    /** @return array<string, list<array{things: list<string>, most: float, unless: string}>> by kind */
    private static function table(): array
    {
        return Kept::once(self::class, static function (): array {
            $all = [];
            foreach (Table::of('substitution/never') as $row) {
                $all[$row['kind']][] = ['things' => explode(' ', $row['things']), 'most' => (float) $row['most'], 'unless' => $row['unless']];
            }

            return $all;
        });
    }
}
