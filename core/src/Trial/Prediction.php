<?php

declare(strict_types=1);

namespace Transmuta\Trial;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\Chances;
use Transmuta\Property\Setting\Ladder;

/** What the reading foretells of the layer people judge first: the heaviest one that is not a base. */
final readonly class Prediction
{
    /** @param list<array{layer: string, layer_id: string, ge: float, step_index: int, step: string, chances: list<float>, mechanisms: array<string, float>, factors: array<string, float>}> $layers every layer that sets */
    private function __construct(public string $layer, public string $layerId, public ?float $ge, public ?int $stepIndex, public string $step, public float $se, public ?float $ph, public array $layers) {}

    public static function of(DishReading $dish): self
    {
        $layers = array_filter($dish->layers, static fn(LayerReading $l): bool => $l->baseWords === null);
        usort($layers, static fn(LayerReading $a, LayerReading $b): int => $b->state->mass <=> $a->state->mass);
        $main = $layers[0] ?? null;
        if ($main === null) {
            return new self($dish->layers[0]->layer->name, $dish->layers[0]->layer->id, null, null, (string) $dish->layers[0]->baseWords, $dish->layers[0]->se, $dish->layers[0]->ph, []);
        }

        return new self($main->layer->name, $main->layer->id, $main->set->ge, Ladder::step($main->set->ge), Ladder::word($main->set->ge), $main->se, $main->ph, array_map(self::set(...), $layers));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'layer' => $this->layer,
            'layer_id' => $this->layerId,
            'ge' => $this->ge === null ? null : round($this->ge, 2),
            'step_index' => $this->stepIndex,
            'step' => $this->step,
            'se' => round($this->se, 1),
            'ph' => $this->ph === null ? null : round($this->ph, 1),
            'layers' => $this->layers,
        ];
    }

    /** @return array{layer: string, layer_id: string, ge: float, step_index: int, step: string, chances: list<float>, mechanisms: array<string, float>, factors: array<string, float>} */
    private static function set(LayerReading $layer): array
    {
        $set = $layer->set;
        $short = static fn(float $v): float => round($v, 4);

        return [
            'layer' => $layer->layer->name, 'layer_id' => $layer->layer->id, 'ge' => round($set->ge, 3), 'step_index' => Ladder::step($set->ge), 'step' => Ladder::word($set->ge),
            'chances' => array_map($short, Chances::of($set)), 'mechanisms' => array_map($short, $set->mechanisms), 'factors' => $set->strengths->used($set->mechanisms),
        ];
    }
}
