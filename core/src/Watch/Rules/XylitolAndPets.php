<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 18: xylitol is dangerous to dogs. */
final class XylitolAndPets implements Rule
{
    public static function name(): string
    {
        return 'xylitol-and-pets';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->state->of100('polyol.xylitol') > 0.0) {
                $from = null;
                foreach ($layer->state->model->portions as $portion) {
                    $from ??= $portion->ingredient->composition->of100('polyol.xylitol') > 50.0 ? $portion->ingredient : null;
                }
                $instead = Remedies::of(self::name());
                $cure = $from === null ? null : ['action' => 'swap', 'ingredient' => $from->id, 'for' => $instead, 'grams' => round($models->sweetness->bulkOf($from->composition->parts) / $models->sweetness->bulkOf($models->shelf->get($instead)->composition->parts), 2)];
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s holds xylitol: a small amount can kill a dog. Label it and keep it away from pets, or sweeten with maltitol.', $layer->layer->name), $n, $cure);
            }
        }
    }
}
