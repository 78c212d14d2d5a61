<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Diet\Diet;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Figure;

/** What a layer is and may be, as far as a choice of means asks: its place, its heat, its acidity, what it was made of. */
final readonly class Context
{
    /** @var array<string, bool> */
    private array $is;

    /** @param bool $sweetener whether the brief wants sweeteners rather than sugar */
    public function __construct(public LayerReading $layer, public Place $place, Permit $permit, bool $sweetener)
    {
        $comes = static function (string $origin) use ($layer): bool {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($layer->state->grams[$i] > 0.0 && $portion->ingredient->comesFrom($origin)) {
                    return true;
                }
            }

            return false;
        };
        $nuts = array_filter($layer->state->model->portions, static fn($p): bool => \in_array('nuts', $p->ingredient->allergens, true)) !== [];
        $this->is = [
            'sweetener' => $sweetener || $permit->asks(Diet::Keto),
            'keto' => $permit->asks(Diet::Keto),
            'hot' => $layer->layer->treatment->isHot(),
            'cold' => !$layer->layer->treatment->isHot(),
            'sharp' => $layer->ph !== null && $layer->ph < Figure::ContextSharp->number(),
            'foam' => $place === Place::Foam,
            'base' => $place === Place::Base,
            'was-dairy' => $comes('dairy'),
            'was-egg' => $comes('egg'),
            'lean' => $permit->asks(Diet::HighProtein),
            'nuts-ok' => $nuts,
        ];
    }

    /** @param array{where: string, when: list<string>} $means */
    public function admits(array $means): bool
    {
        $here = $means['where'] === 'any' || $means['where'] === $this->place->value || ($this->place === Place::Frozen && $means['where'] === 'filling');
        foreach ($means['when'] as $word) {
            $here = $here && (str_starts_with($word, 'not-') ? !$this->is[substr($word, 4)] : $this->is[$word]);
        }

        return $here;
    }
}
